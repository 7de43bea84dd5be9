package lowfield.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import lowfield.server.picture.PictureSubject;
import lowfield.server.picture.Pictures;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** Pictures of three parts, drawn for the demo. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoPictures {
    private record Drawing(String file, String part, String alternative) {}

    private static final List<Drawing> DRAWINGS = List.of(
            new Drawing(
                    "card",
                    "merrowby-vane-five-8-gb-black",
                    "Drawing of a black graphics card with two fans, seen from below"),
            new Drawing("case", "hollowell-byre-l", "Drawing of a dark case, seen through its side window"),
            new Drawing(
                    "memory", "pellan-slate-2-x-8-gb-ddr5-5600", "Drawing of two memory modules, one above the other"));

    private final Pictures pictures;

    DemoPictures(Pictures pictures) {
        this.pictures = pictures;
    }

    void load(DemoWorld world) {
        for (var drawing : DRAWINGS) {
            pictures.add(
                    PictureSubject.part(world.part(drawing.part())),
                    file(drawing),
                    drawing.alternative(),
                    world.author());
        }
    }

    private static byte[] file(Drawing drawing) {
        try (var in = new ClassPathResource("demo/pictures/" + drawing.file() + ".png").getInputStream()) {
            return in.readAllBytes();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
