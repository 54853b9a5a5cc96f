package nimblestride.store.database;

import static org.assertj.core.api.Assertions.assertThat;

import org.jdbi.v3.core.statement.ColonPrefixSqlParser;
import org.jdbi.v3.core.statement.ParsedSql;
import org.jdbi.v3.core.statement.SqlParser;
import org.jdbi.v3.core.statement.StatementContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StatementParametersTest {
    /** Compares with the parser of the library, Jdbi. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "SELECT 1",
                "SELECT name FROM exercise WHERE id = ?",
                "INSERT INTO tag (exercise, tag) VALUES (?, ?)",
                "UPDATE exercise SET name = :name, about = :about WHERE id = :id AND revision < :id",
                "SELECT what || ', ' || substr(begun, 1, 10) FROM entry WHERE id = :id",
                "SELECT 'is :id or ? here, isn''t it?' FROM entry WHERE id=:id",
                "SELECT \"what:is\" FROM entry WHERE at > strftime('%H:%M', ?)",
                "SELECT ':open'||:first||'',:first"
            })
    void areFoundWhereTheLibraryFindsThem(String sql) {
        SqlParser library = new ColonPrefixSqlParser();
        StatementContext none = null;
        ParsedSql expected = library.parse(sql, none);
        ParsedSql found = new StatementParameters().parse(sql, none);
        assertThat(found.getSql()).isEqualTo(expected.getSql());
        assertThat(found.getParameters().getParameterNames())
                .isEqualTo(expected.getParameters().getParameterNames());
        assertThat(found.getParameters().isPositional())
                .isEqualTo(expected.getParameters().isPositional());
    }

    @Test
    void areNamedAsTheyAreFound() {
        StatementParameters parser = new StatementParameters();
        assertThat(parser.parse("SELECT " + parser.nameParameter("day", null), null)
                        .getParameters()
                        .getParameterNames())
                .containsExactly("day");
    }
}
