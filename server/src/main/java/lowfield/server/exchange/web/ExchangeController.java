package lowfield.server.exchange.web;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import lowfield.core.part.Kind;
import lowfield.server.accounts.Person;
import lowfield.server.exchange.Exchange;
import lowfield.server.exchange.Report;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Parts of a kind as a file. The body of an import is the file itself. */
@RestController
@RequestMapping("/api/kinds/{kind}/file")
class ExchangeController {
    private final Exchange exchange;

    ExchangeController(Exchange exchange) {
        this.exchange = exchange;
    }

    /** Takes a file in; with {@code dry} it only tells what it would do. A file with faults changes nothing (422). */
    @Operation(operationId = "importParts", summary = "Import parts of a kind from a file")
    @PostMapping
    ResponseEntity<Report> take(
            @PathVariable Kind kind,
            @RequestParam Exchange.Form form,
            @RequestParam(defaultValue = "true") boolean dry,
            HttpServletRequest request,
            @AuthenticationPrincipal Person person)
            throws IOException {
        var report = exchange.take(kind, form, request.getInputStream(), dry, person);
        return ResponseEntity.status(report.isSound() || dry ? HttpStatus.OK : HttpStatus.UNPROCESSABLE_CONTENT)
                .body(report);
    }

    @Operation(operationId = "exportParts", summary = "Export the parts of a kind as a file")
    @GetMapping
    void give(@PathVariable Kind kind, @RequestParam Exchange.Form form, HttpServletResponse response)
            throws IOException {
        var csv = form == Exchange.Form.CSV;
        response.setContentType(csv ? "text/csv;charset=UTF-8" : "application/json");
        response.setHeader(
                "Content-Disposition",
                "attachment; filename=\"" + kind.name().toLowerCase(java.util.Locale.ROOT) + (csv ? ".csv" : ".json")
                        + "\"");
        exchange.give(kind, form, new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8));
    }
}
