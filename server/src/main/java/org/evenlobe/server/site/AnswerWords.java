package org.evenlobe.server.site;

import org.evenlobe.core.measure.Quantities;
import org.evenlobe.server.access.ReadAs;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** The quantities in the sentences of an answer are written in its reader's units. */
@Configuration
class AnswerWords implements WebMvcConfigurer {
  private final ObjectProvider<JsonMapper> json;

  AnswerWords(ObjectProvider<JsonMapper> json) {
    this.json = json;
  }

  @Override
  public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
    SimpleModule words = new SimpleModule().addSerializer(new Words());
    converters.withJsonConverter(
        new JacksonJsonHttpMessageConverter(json.getObject().rebuild().addModule(words).build()));
  }

  private static final class Words extends StdSerializer<String> {
    Words() {
      super(String.class);
    }

    @Override
    public void serialize(String text, JsonGenerator out, SerializationContext context) {
      out.writeString(Quantities.areIn(text) ? ReadAs.get().of(text) : text);
    }
  }
}
