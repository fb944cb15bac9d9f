package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.said.Learning.Lesson;

/** Learning from few ways to say things. */
class DescentTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Tokens WORDS = new Tokens(KNOWLEDGE.wording());
  private static final List<Lesson> LESSONS =
      List.of(
          way("its leaves drop", "leaf-fall"),
          way("leaves tumble to the floor", "leaf-fall"),
          way("foliage rains down", "leaf-fall"),
          way("roots are mushy", "roots-rotten"),
          way("the roots have rotted away", "roots-rotten"),
          way("slimy roots", "roots-rotten"),
          way("smells of fish", "foul-smell"),
          way("it stinks", "foul-smell"),
          way("a rotten stench", "foul-smell"));

  private static Lesson way(String text, String sign) {
    return new Lesson(text, null, Set.of(sign));
  }

  private static byte[] learned(int times) {
    Examples examples = new Examples(KNOWLEDGE, new Random(1));
    for (int i = 0; i < times; i++) {
      LESSONS.forEach(examples::take);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      Learning.of(examples, 7, 2, new Random(1)).write(out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static String likeliest(String text, Learned learned) {
    float[] odds = learned.weighed(WORDS.of(text).stream().map(Token::stem).toList()).odds();
    int best = 0;
    for (int i = 1; i < odds.length; i++) {
      best = odds[i] > odds[best] ? i : best;
    }
    return learned.labels().get(best);
  }

  @Test
  void theSameLessonsGiveTheSame() {
    assertThat(learned(2)).isEqualTo(learned(2));
  }

  @Test
  void whatWasLearnedIsToldAgainAlsoInWordsThatNobodyTaught() throws IOException {
    Learned learned = Learned.of(new ByteArrayInputStream(learned(60)));
    assertThat(learned.key()).isEqualTo(7);
    assertThat(likeliest("slimy roots", learned)).isEqualTo("roots-rotten");
    assertThat(likeliest("the petioles fell", learned)).isEqualTo("leaf-fall");
    assertThat(likeliest("a disgusting odour", learned)).isEqualTo("foul-smell");
  }

  @Test
  void wordsThatMeanLikeThingsPointTheSameWay() {
    WordVectors vectors = WordVectors.shipped();
    assertThat(near("odour", "smell", vectors)).isGreaterThan(near("odour", "pot", vectors));
    assertThat(near("plunge", "fall", vectors)).isGreaterThan(near("plunge", "root", vectors));
    assertThat(vectors.point("no such word")).isNull();
  }

  private static float near(String one, String other, WordVectors vectors) {
    float[] a = vectors.point(WORDS.stem(one));
    float[] b = vectors.point(WORDS.stem(other));
    float sum = 0;
    for (int i = 0; i < a.length; i++) {
      sum += a[i] * b[i];
    }
    return sum;
  }
}
