package lowfield.server.platform;

import lowfield.core.RuleBroken;
import lowfield.core.Text;
import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/** A text of a request is one: said at the door, since the database could only say that it does not keep it. */
@JacksonComponent
class IncomingText extends StdScalarDeserializer<String> {
    IncomingText() {
        super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
        var text = StringDeserializer.instance.deserialize(parser, context);
        RuleBroken.unless(text == null || Text.isOne(text), "A text holds %s; nothing was changed.", Text.RULE);
        return text;
    }
}
