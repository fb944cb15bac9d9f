package org.mildlantern.vectors;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import dev.langchain4j.model.embedding.EmbeddingModel;
import dev.langchain4j.model.embedding.onnx.allminilml6v2.AllMiniLmL6V2EmbeddingModel;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Map.Entry;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.math3.linear.EigenDecomposition;
import org.apache.commons.math3.linear.MatrixUtils;
import org.apache.commons.math3.linear.RealMatrix;
import org.apache.commons.math3.stat.correlation.Covariance;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.said.WordVectors;

/**
 * Asks a language model what single words mean, and writes what ships.
 *
 * <p>The model is all-MiniLM-L6-v2 (Wang et al. 2020, Reimers & Gurevych 2019; Apache licence 2.0),
 * as a library brings it. Its words are those of everyday English, by how often they are used;
 * those of the knowledge are added. Kept are the directions in which the words differ most
 * (principal components: Hotelling 1933).
 */
public final class VectorsRun {
  private static final Pattern WORD = Pattern.compile("[a-z]{2,20}");
  private static final String LEXICON = "/all-minilm-l6-v2-tokenizer.json";
  private static final int SIZE = 128;

  /** A word that the model does not know whole is as rare as its rarest. */
  private static final int RAREST = 35_000;

  /** The rank before the most frequent word; marks and letters come first. */
  private static final int FIRST = 1_995;

  private VectorsRun() {}

  /** Arguments: the folder whose texts have the words that are added, and the file to write. */
  public static void main(String[] arguments) throws IOException {
    Map<String, Integer> ranks = ranks();
    try (Stream<Path> files = Files.walk(Path.of(arguments[0]))) {
      files
          .filter(file -> file.toString().matches(".*\\.(yaml|txt)"))
          .forEach(file -> words(file).forEach(word -> ranks.putIfAbsent(word, RAREST)));
    }
    Map<String, float[]> vectors = new TreeMap<>();
    EmbeddingModel model = new AllMiniLmL6V2EmbeddingModel();
    ranks.keySet().forEach(word -> vectors.put(word, model.embed(word).content().vector()));
    double[][] points = components(vectors.values().toArray(float[][]::new));
    int at = 0;
    for (Entry<String, float[]> word : vectors.entrySet()) {
      word.setValue(scaled(points[at++], weight(ranks.get(word.getKey()))));
    }
    try (OutputStream out = Files.newOutputStream(Path.of(arguments[1]))) {
      WordVectors.write(vectors, Library.shipped().knowledge(), out);
    }
    System.exit(0);
  }

  private static Map<String, Integer> ranks() throws IOException {
    Map<String, Integer> ranks = new TreeMap<>();
    try (InputStream in = AllMiniLmL6V2EmbeddingModel.class.getResourceAsStream(LEXICON)) {
      JsonNode lexicon = new ObjectMapper().readTree(in).path("model").path("vocab");
      lexicon
          .fields()
          .forEachRemaining(
              entry -> {
                if (WORD.matcher(entry.getKey()).matches()) {
                  ranks.put(entry.getKey(), entry.getValue().asInt());
                }
              });
    }
    return ranks;
  }

  private static Stream<String> words(Path file) {
    try {
      return Pattern.compile("[^a-z]+")
          .splitAsStream(Files.readString(file).toLowerCase(Locale.ROOT))
          .filter(word -> WORD.matcher(word).matches());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static double[][] components(float[][] vectors) {
    int wide = vectors[0].length;
    double[][] centred = new double[vectors.length][wide];
    for (int i = 0; i < wide; i++) {
      double mean = 0;
      for (float[] vector : vectors) {
        mean += vector[i] / vectors.length;
      }
      for (int row = 0; row < vectors.length; row++) {
        centred[row][i] = vectors[row][i] - mean;
      }
    }
    RealMatrix matrix = MatrixUtils.createRealMatrix(centred);
    RealMatrix directions =
        new EigenDecomposition(new Covariance(matrix).getCovarianceMatrix())
            .getV()
            .getSubMatrix(0, wide - 1, 0, SIZE - 1);
    return matrix.multiply(directions).getData();
  }

  /**
   * What a word says: little when it is frequent (smooth inverse frequency, Arora et al. 2017), its
   * frequency after its rank (Zipf 1949).
   */
  private static double weight(int rank) {
    double frequency = 1.0 / (10 * Math.max(1, rank - FIRST));
    return 1e-3 / (1e-3 + frequency);
  }

  private static float[] scaled(double[] point, double length) {
    double square = 0;
    for (double one : point) {
      square += one * one;
    }
    float[] scaled = new float[point.length];
    for (int i = 0; i < point.length; i++) {
      scaled[i] = (float) (point[i] * length / Math.sqrt(square));
    }
    return scaled;
  }
}
