package org.mildlantern.app.archive;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.LongConsumer;
import java.util.stream.Collectors;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.mildlantern.app.web.Formulas;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyManager;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Component;

/**
 * Writes a collection as one ZIP: a CSV for each table (RFC 4180, UTF-8), pictures by their hash,
 * and a description of it all. Rows and pictures go from the database into the file one after the
 * other, as of one moment, so that it takes no more memory for a large collection.
 */
@Component
class ArchiveWriter {
  private static final int AT_ONCE = 4;

  private final DataSource dataSource;
  private final ObjectMapper json;

  ArchiveWriter(DataSource dataSource, ObjectMapper json) {
    this.dataSource = dataSource;
    this.json = json;
  }

  /** How many rows and pictures there are. */
  long count(Selection selection) throws SQLException {
    try (Connection connection = dataSource.getConnection()) {
      long all = 0;
      for (Tables.Table table : selection.of(Tables.of(connection))) {
        all += count(connection, "select count(*) from " + table.name() + selection.where(table));
        for (Tables.Column column : table.columns()) {
          if (column.bytes()) {
            all +=
                count(
                    connection,
                    "select count("
                        + column.name()
                        + ") from "
                        + table.name()
                        + selection.where(table));
          }
        }
      }
      return all;
    }
  }

  private static long count(Connection connection, String sql) throws SQLException {
    try (PreparedStatement query = connection.prepareStatement(sql);
        ResultSet row = query.executeQuery()) {
      row.next();
      return row.getLong(1);
    }
  }

  /**
   * Writes it all.
   *
   * @param done is told how many rows and pictures were written, now and then
   */
  void write(Selection selection, Instant now, OutputStream out, LongConsumer done)
      throws SQLException, IOException {
    try (Connection connection = dataSource.getConnection()) {
      connection.setAutoCommit(false);
      connection.setReadOnly(true);
      connection.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
      try (Statement utc = connection.createStatement()) {
        utc.execute("set local time zone 'UTC'");
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        write(connection, selection, now, zip, done);
        zip.finish();
        zip.flush();
      } finally {
        connection.rollback();
        connection.setReadOnly(false);
        connection.setTransactionIsolation(Connection.TRANSACTION_READ_COMMITTED);
      }
    }
  }

  /** Writes it within the transaction of the caller. */
  void writeWithin(Selection selection, Instant now, OutputStream out)
      throws SQLException, IOException {
    Connection connection = DataSourceUtils.getConnection(dataSource);
    try (Statement zone = connection.createStatement()) {
      zone.execute("set local time zone 'UTC'");
      ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
      write(connection, selection, now, zip, done -> {});
      zip.finish();
      zone.execute("set local time zone default");
    } finally {
      DataSourceUtils.releaseConnection(connection, dataSource);
    }
  }

  private void write(
      Connection connection,
      Selection selection,
      Instant now,
      ZipOutputStream zip,
      LongConsumer done)
      throws SQLException, IOException {
    zip.putNextEntry(new ZipEntry("README.txt"));
    try (InputStream readme = ArchiveWriter.class.getResourceAsStream("readme.txt")) {
      readme.transferTo(zip);
    }
    zip.closeEntry();
    List<Tables.Table> tables = selection.of(Tables.of(connection));
    CopyManager copy = connection.unwrap(PGConnection.class).getCopyAPI();
    List<Manifest.Told> told = new ArrayList<>();
    long written = 0;
    for (Tables.Table table : tables) {
      zip.putNextEntry(new ZipEntry(Manifest.file(table.name())));
      long rows =
          copy.copyOut(
              "copy ("
                  + select(table, selection)
                  + ") to stdout with (format csv, header,"
                  + " force_quote *, encoding 'utf8')",
              new CsvLines(zip));
      zip.closeEntry();
      told.add(new Manifest.Told(table.name(), rows, table.columns()));
      written += rows;
      done.accept(written);
    }
    Set<String> pictures = new HashSet<>();
    zip.setLevel(Deflater.NO_COMPRESSION);
    for (Tables.Table table : tables) {
      for (Tables.Column column : table.columns()) {
        if (column.bytes()) {
          written = pictures(connection, table, column, selection, zip, pictures, written, done);
        }
      }
    }
    zip.setLevel(Deflater.DEFAULT_COMPRESSION);
    zip.putNextEntry(new ZipEntry(Manifest.NAME));
    zip.write(
        json.writerWithDefaultPrettyPrinter()
            .writeValueAsBytes(
                new Manifest(
                    Manifest.FORMAT,
                    Manifest.VERSION,
                    now,
                    selection.plant() != null,
                    selection.plant() == null
                        ? Whereabouts.of(connection, selection.collection())
                        : Map.of(),
                    told,
                    pictures.size())));
    zip.closeEntry();
  }

  /** Writes one table for a spreadsheet. */
  void write(Sheet sheet, Long collection, String zone, OutputStream out)
      throws SQLException, IOException {
    try (Connection connection = dataSource.getConnection()) {
      String rows = sheet.sql(collection, zone);
      List<String> columns = new ArrayList<>();
      try (PreparedStatement query = connection.prepareStatement(rows)) {
        ResultSetMetaData told = query.getMetaData();
        for (int i = 1; i <= told.getColumnCount(); i++) {
          boolean text = told.getColumnType(i) == Types.VARCHAR;
          columns.add(
              written(new Tables.Column(told.getColumnLabel(i), text ? "text" : "other", null)));
        }
      }
      connection
          .unwrap(PGConnection.class)
          .getCopyAPI()
          .copyOut(
              "copy (select "
                  + String.join(", ", columns)
                  + " from ("
                  + rows
                  + ") rows) to stdout with (format csv, header, encoding 'utf8')",
              new CsvLines(out));
    }
  }

  private static String select(Tables.Table table, Selection selection) {
    String columns =
        table.columns().stream()
            .map(one -> selection.tells(one) ? written(one) : "null as \"" + one.name() + '"')
            .collect(Collectors.joining(", "));
    return "select "
        + columns
        + " from "
        + table.name()
        + selection.where(table)
        + (table.numbered() ? " order by id" : " order by 1, 2, 3");
  }

  private static String written(Tables.Column column) {
    String name = '"' + column.name() + '"';
    if (column.bytes()) {
      return "encode(sha256(" + name + "), 'hex') as " + name;
    }
    return column.text()
        ? "case when %1$s ~ '%2$s' then '''' || %1$s else %1$s end as %1$s"
            .formatted(name, Formulas.RISKY.replace("'", "''"))
        : name;
  }

  private static long pictures(
      Connection connection,
      Tables.Table table,
      Tables.Column column,
      Selection selection,
      ZipOutputStream zip,
      Set<String> known,
      long written,
      LongConsumer done)
      throws SQLException, IOException {
    long count = written;
    String sql =
        "select encode(sha256(%1$s), 'hex'), %1$s from %2$s%3$s and %1$s is not null order by id"
            .formatted(column.name(), table.name(), selection.where(table));
    try (PreparedStatement query = connection.prepareStatement(sql)) {
      query.setFetchSize(AT_ONCE);
      try (ResultSet rows = query.executeQuery()) {
        while (rows.next()) {
          if (known.add(rows.getString(1))) {
            zip.putNextEntry(new ZipEntry(Manifest.picture(rows.getString(1))));
            zip.write(rows.getBytes(2));
            zip.closeEntry();
          }
          done.accept(++count);
        }
      }
    }
    return count;
  }
}
