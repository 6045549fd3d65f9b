package org.evenlobe.server.site;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Iterator;
import java.util.List;
import java.util.SortedMap;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Worded;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;

/** Gathers the choices that answers and requests have, and writes their words to the document. */
final class WordsOfChoices implements ModelConverter, OpenApiCustomizer {
  /**
   * Of all servers in a process: the library asks the converter of the last one for all of them.
   */
  private static final SortedMap<String, List<Said>> WORDS = new ConcurrentSkipListMap<>();

  @Override
  public @Nullable Schema<?> resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    JavaType java = Json.mapper().constructType(type.getType());
    if (java != null && java.isEnumType() && java.isTypeOrSubTypeOf(Worded.class)) {
      WORDS.computeIfAbsent(java.getRawClass().getSimpleName(), name -> wordsOf(java));
    }
    return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
  }

  @Override
  public void customise(OpenAPI document) {
    document.addExtension("x-words", WORDS);
  }

  private static List<Said> wordsOf(JavaType choice) {
    return Stream.of(choice.getRawClass().getEnumConstants())
        .map(value -> new Said(((Enum<?>) value).name(), ((Worded) value).words()))
        .toList();
  }

  private record Said(String value, String label) {}
}
