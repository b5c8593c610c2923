package lectulum.files;

import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;

/// Reads a whole number, also where another program wrote it as `2.0`; a fraction is none, and is refused.
final class WholeNumber extends ValueDeserializer<Integer> {

    @Override
    public Integer deserialize(JsonParser in, DeserializationContext context) {
        JsonToken token = in.currentToken();
        if (token == JsonToken.VALUE_NUMBER_INT) {
            return in.getIntValue();
        }
        if (token == JsonToken.VALUE_NUMBER_FLOAT && in.getDoubleValue() == (int) in.getDoubleValue()) {
            return (int) in.getDoubleValue();
        }
        return (Integer) context.handleUnexpectedToken(Integer.class, in);
    }

    @Override
    public Integer getNullValue(DeserializationContext context) {
        return 0;
    }

    @Override
    public Object getAbsentValue(DeserializationContext context) {
        return 0;
    }
}
