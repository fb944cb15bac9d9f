package org.mildlantern.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.reliability.SaidText;
import org.mildlantern.core.said.Reader;
import org.mildlantern.core.said.Reading;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Reading what a keeper says: a written text, the longest text of words, and hostile ones. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class ReadBenchmark {
  private Reader reader;
  private List<SaidText> texts;
  private String longest;
  private int next;

  @Setup
  public void prepare() {
    Knowledge knowledge = Library.shipped().knowledge();
    reader = new Reader(knowledge);
    texts = SaidText.all(knowledge);
    StringBuilder all = new StringBuilder();
    texts.forEach(text -> all.append(text.text()).append(' '));
    longest = all.substring(0, Reader.LONGEST);
  }

  /** One of the four hundred texts. */
  @Benchmark
  public Reading text() {
    SaidText text = texts.get(next++ % texts.size());
    return reader.read(text.text(), text.kind().form());
  }

  /** Four thousand characters of keepers' sentences. */
  @Benchmark
  public Reading longest() {
    return reader.read(longest, null);
  }

  /** A hundred kilobytes of one figure, over and over. */
  @Benchmark
  public Reading figures() {
    return reader.read("1% ".repeat(33_000), null);
  }

  /** A hundred kilobytes without a space. */
  @Benchmark
  public Reading spaceless() {
    return reader.read("leaf".repeat(25_000), null);
  }

  /** One clause of the word that most phrases begin with. */
  @Benchmark
  public Reading leaves() {
    return reader.read("leaf brown soft no ".repeat(5_000), null);
  }
}
