package lowfield.server.picture.web;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.picture.Picture;
import lowfield.server.picture.PictureImages;
import lowfield.server.picture.PictureSize;
import lowfield.server.picture.PictureSubject;
import lowfield.server.picture.Pictures;
import lowfield.server.platform.NotFound;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pictures of parts and builds, and for texts. The body of one that is added is the file itself. */
@RestController
class PictureController {
    record Words(String alternative) {}

    private final Pictures pictures;
    private final PictureImages images;
    private final Parts parts;

    PictureController(Pictures pictures, PictureImages images, Parts parts) {
        this.images = images;
        this.pictures = pictures;
        this.parts = parts;
    }

    @Operation(operationId = "listPartPictures", summary = "List the pictures of a part")
    @GetMapping("/api/parts/{id}/pictures")
    List<Picture> ofPart(@PathVariable UUID id) {
        return pictures.of(part(id));
    }

    @Operation(operationId = "addPartPicture", summary = "Add a picture of a part")
    @PostMapping("/api/parts/{id}/pictures")
    @ResponseStatus(HttpStatus.CREATED)
    Picture addToPart(
            @PathVariable UUID id,
            @RequestParam String alternative,
            HttpServletRequest request,
            @AuthenticationPrincipal Person person)
            throws IOException {
        return add(part(id), alternative, request, person);
    }

    /** The part that an id leads to, also where it was merged. */
    private PictureSubject part(UUID id) {
        return PictureSubject.part(parts.catalogue().part(id).id());
    }

    @Operation(operationId = "listBuildPictures", summary = "List the pictures of a build")
    @GetMapping("/api/editions/{edition}/builds/{build}/pictures")
    List<Picture> ofBuild(@PathVariable UUID edition, @PathVariable UUID build) {
        return pictures.of(PictureSubject.build(build));
    }

    @Operation(operationId = "addBuildPicture", summary = "Add a picture of a build")
    @PostMapping("/api/editions/{edition}/builds/{build}/pictures")
    @ResponseStatus(HttpStatus.CREATED)
    Picture addToBuild(
            @PathVariable UUID edition,
            @PathVariable UUID build,
            @RequestParam String alternative,
            HttpServletRequest request,
            @AuthenticationPrincipal Person person)
            throws IOException {
        return add(PictureSubject.build(build), alternative, request, person);
    }

    @Operation(operationId = "listGuidePictures", summary = "List the pictures for the texts of a guide")
    @GetMapping("/api/guides/{guide}/pictures")
    List<Picture> ofGuide(@PathVariable UUID guide) {
        return pictures.of(PictureSubject.guide(guide));
    }

    @Operation(operationId = "addGuidePicture", summary = "Add a picture for the texts of a guide")
    @PostMapping("/api/guides/{guide}/pictures")
    @ResponseStatus(HttpStatus.CREATED)
    Picture addToGuide(
            @PathVariable UUID guide,
            @RequestParam String alternative,
            HttpServletRequest request,
            @AuthenticationPrincipal Person person)
            throws IOException {
        return add(PictureSubject.guide(guide), alternative, request, person);
    }

    private Picture add(PictureSubject of, String alternative, HttpServletRequest request, Person person)
            throws IOException {
        return pictures.add(of, request.getInputStream().readAllBytes(), alternative, person);
    }

    @Operation(operationId = "describePicture", summary = "Say in other words what a picture shows")
    @PatchMapping("/api/pictures/{picture}")
    Picture describe(@PathVariable UUID picture, @RequestBody Words words) {
        return pictures.describe(picture, words.alternative());
    }

    @Operation(operationId = "takeOutPicture", summary = "Take a picture out")
    @DeleteMapping("/api/pictures/{picture}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable UUID picture) {
        pictures.takeOut(picture);
    }

    @Operation(operationId = "putBackPicture", summary = "Put a picture back that was taken out")
    @PostMapping("/api/pictures/{picture}/return")
    Picture putBack(@PathVariable UUID picture) {
        return pictures.putBack(picture);
    }

    /** What is kept of a picture never changes, so that it may be kept by the browser. */
    @Operation(operationId = "getPicture", summary = "Get a picture in a size")
    @GetMapping("/pictures/{picture}/{size}")
    ResponseEntity<byte[]> image(@PathVariable UUID picture, @PathVariable String size) {
        var image = PictureSize.inAddress(size)
                .flatMap(s -> images.image(picture, s))
                .orElseThrow(() -> new NotFound("There is no such picture."));
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .contentType(MediaType.parseMediaType(image.contentType()))
                .body(image.body());
    }
}
