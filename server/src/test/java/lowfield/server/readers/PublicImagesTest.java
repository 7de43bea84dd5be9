package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import lowfield.server.picture.DrawnPicture;
import lowfield.server.picture.PictureImages;
import lowfield.server.picture.PictureSize;
import lowfield.server.platform.Notices;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Readers' pictures: those that were published, and no question to the database about any other. */
class PublicImagesTest {
    private static final UUID PUBLISHED = UUID.randomUUID();

    private final PictureImages pictures = mock(PictureImages.class);
    private final Notices notices = mock(Notices.class);
    private final PublicImages images;
    private final Consumer<Notices.Change> told;

    @SuppressWarnings("unchecked")
    PublicImagesTest() {
        when(pictures.published()).thenReturn(Set.of(PUBLISHED));
        when(pictures.publicImage(any(), any()))
                .thenAnswer(call ->
                        Optional.of(new DrawnPicture(call.getArgument(1), "image/png", 1, 1, new byte[] {1, 2, 3})));
        images = new PublicImages(pictures, new Turns(), notices);
        var listener = ArgumentCaptor.forClass(Consumer.class);
        verify(notices).whenChanged(listener.capture());
        told = listener.getValue();
    }

    private MockHttpServletResponse asked(UUID id) throws IOException {
        var response = new MockHttpServletResponse();
        var path = "/pictures/%s/%s".formatted(id, PictureSize.MEDIUM.name().toLowerCase());
        response.setStatus(
                images.sent(path, new MockHttpServletRequest("GET", path), response) ? response.getStatus() : 404);
        return response;
    }

    @Test
    void aPublishedPictureIsSentAndAskedForOnce() throws IOException {
        assertThat(asked(PUBLISHED).getContentAsByteArray()).containsExactly(1, 2, 3);
        assertThat(asked(PUBLISHED).getStatus()).isEqualTo(200);
        verify(pictures, times(1)).publicImage(any(), any());
    }

    @Test
    void ofPicturesThatReadersMayNotSeeNothingIsAsked() throws IOException {
        for (int i = 0; i < 1_000; i++) {
            assertThat(asked(UUID.randomUUID()).getStatus()).isEqualTo(404);
        }
        verify(pictures, never()).publicImage(any(), any());
        verify(pictures, times(1)).published();
    }

    @Test
    void whatIsPublishedLaterIsSentFromThenOn() throws IOException {
        var later = UUID.randomUUID();
        assertThat(asked(later).getStatus()).isEqualTo(404);
        when(pictures.published()).thenReturn(Set.of(PUBLISHED, later));
        told.accept(new Notices.Change(Notices.Topic.PAGES, Set.of()));
        assertThat(asked(later).getStatus()).isEqualTo(200);
    }
}
