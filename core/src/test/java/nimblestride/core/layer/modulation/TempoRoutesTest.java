package nimblestride.core.layer.modulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.modulation.TempoRoute.Regrouping;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.shortestpath.DijkstraShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TempoRoutesTest {
    private static final int SMALL = 4;

    /** A step outweighs any counting in it, so that the shortest path has the fewest steps first. */
    private static final double STEP = 1_000;

    private static final int FROM = 96;

    /** Every tempo that up to four regroupings of two to four notes reach from one tempo, as JGraphT sees it. */
    private static final SimpleDirectedWeightedGraph<BigFraction, DefaultWeightedEdge> GRAPH = graph();

    private static SimpleDirectedWeightedGraph<BigFraction, DefaultWeightedEdge> graph() {
        SimpleDirectedWeightedGraph<BigFraction, DefaultWeightedEdge> graph =
                new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
        graph.addVertex(BigFraction.of(FROM));
        Deque<BigFraction> open = new ArrayDeque<>(graph.vertexSet());
        for (int depth = 0; depth < TempoRoutes.MAX_STEPS; depth++) {
            List<BigFraction> layer = List.copyOf(open);
            open.clear();
            for (BigFraction tempo : layer) {
                for (int notes = 1; notes <= SMALL; notes++) {
                    for (int group = 1; group <= SMALL; group++) {
                        BigFraction next = tempo.multiply(BigFraction.of(notes, group));
                        boolean lowest = BigFraction.of(notes, group).getNumeratorAsInt() == notes;
                        if (notes == group || !lowest || next.doubleValue() < 1 || next.doubleValue() > 999) {
                            continue;
                        }
                        if (graph.addVertex(next)) {
                            open.add(next);
                        }
                        DefaultWeightedEdge edge = graph.addEdge(tempo, next);
                        if (edge != null) {
                            graph.setEdgeWeight(edge, STEP + notes + group);
                        }
                    }
                }
            }
        }
        return graph;
    }

    private static TempoRoutes routes() {
        return new TempoRoutes(TempoRoutes.MAX_SIZE);
    }

    @Property(tries = 400)
    void routesAreTheShortestPathsOfTheSameGraph(@ForAll @IntRange(min = 1, max = 999) int tempo) {
        BigFraction to = BigFraction.of(tempo);
        Optional<TempoRoute> route = new TempoRoutes(SMALL).exactly(Tempo.ofQuarters(FROM), Tempo.ofQuarters(tempo));
        assertThat(route.isPresent()).isEqualTo(GRAPH.containsVertex(to));
        if (route.isPresent()) {
            GraphPath<BigFraction, DefaultWeightedEdge> path =
                    new DijkstraShortestPath<>(GRAPH).getPath(BigFraction.of(FROM), to);
            assertThat(STEP * route.get().steps().size() + route.get().effort()).isEqualTo(path.getWeight());
            assertThat(new ModulationChain(Tempo.ofQuarters(FROM), route.get().pivots()).tempos())
                    .endsWith(Tempo.ofQuarters(tempo));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "96  | 120 | [5 in groups of 4]",
                "84  | 112 | [4 in groups of 3]",
                "120 | 120 | []",
                "60  | 175 | [5 in groups of 3, 7 in groups of 4]"
            })
    void simpleRoutesAreFound(int from, int to, String steps) {
        TempoRoute route =
                routes().exactly(Tempo.ofQuarters(from), Tempo.ofQuarters(to)).orElseThrow();
        assertThat(route.steps()).hasToString(steps);
        assertThat(route.exact()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 0, 1, 10})
    void groupsOfASizeThatIsNotTriedAreRefused(int largest) {
        assertThatThrownBy(() -> new TempoRoutes(largest))
                .isInstanceOf(InvalidValueException.class)
                .hasMessage("groups of 2 to 9 notes are tried, not of " + largest);
        assertThat(new TempoRoutes(2).exactly(Tempo.ofQuarters(60), Tempo.ofQuarters(120)))
                .map(TempoRoute::steps)
                .contains(List.of(new Regrouping(2, 1)));
    }

    /** Twelve times as fast: 3 and 4 notes a beat are fewer to count than 2 and 6, or 8 and 3 in groups of 2. */
    @Test
    void ofSeveralRoutesTheOneWithTheLeastCountingIsTaken() {
        assertThat(routes().exactly(Tempo.ofQuarters(60), Tempo.ofQuarters(720)))
                .map(route -> route.steps().toString())
                .contains("[3 in groups of 1, 4 in groups of 1]");
    }

    /** 900 to 675: up first would lead to 1,350, which nobody can play. */
    @Test
    void everyTempoOnTheWayCanBePlayedToTheVeryEdges() {
        TempoRoutes small = new TempoRoutes(3);
        assertThat(small.exactly(Tempo.ofQuarters(900), Tempo.ofQuarters(675)))
                .map(route -> route.steps().toString())
                .contains("[1 in groups of 2, 3 in groups of 2]");
        // And 4/3 to 1: down first would lead below 1.
        assertThat(small.exactly(new Tempo(NoteValue.QUARTER, BigFraction.of(4, 3)), Tempo.ofQuarters(1)))
                .map(route -> route.steps().toString())
                .contains("[3 in groups of 2, 1 in groups of 2]");
        assertThat(small.exactly(Tempo.ofQuarters(333), Tempo.ofQuarters(999)))
                .map(route -> route.steps().toString())
                .contains("[3 in groups of 1]");
        assertThat(small.exactly(Tempo.ofQuarters(3), Tempo.ofQuarters(1)))
                .map(route -> route.steps().toString())
                .contains("[1 in groups of 3]");
    }

    @Test
    void oneStepThatComesNearEnoughIsBetterThanTwo() {
        assertThat(new TempoRoutes(3).within(Tempo.ofQuarters(100), Tempo.ofQuarters(149), BigFraction.of(2)))
                .map(route -> route.steps().toString())
                .contains("[3 in groups of 2]");
    }

    /** A route that is off by just the tolerance is one; a hair less, and there is none. */
    @Test
    void theToleranceIncludesItsEdges() {
        Tempo from = Tempo.ofQuarters(100);
        TempoRoutes small = new TempoRoutes(2);
        // With halves and doubles alone, 100 reaches 50 and 200, and in two steps 25, 100, and 400.
        assertThat(small.within(from, Tempo.ofQuarters(205), BigFraction.of(5)))
                .map(route -> route.reached())
                .contains(Tempo.ofQuarters(200));
        assertThat(small.within(from, Tempo.ofQuarters(195), BigFraction.of(5)))
                .map(route -> route.reached())
                .contains(Tempo.ofQuarters(200));
        assertThat(small.within(from, Tempo.ofQuarters(205), BigFraction.of(49, 10)))
                .isEmpty();
        assertThat(small.within(from, Tempo.ofQuarters(404), BigFraction.of(4)))
                .map(route -> route.steps())
                .contains(List.of(new Regrouping(2, 1), new Regrouping(2, 1)));
    }

    @Test
    void whereNoneIsExactTheNearestWithinTheToleranceIsShown() {
        Tempo from = Tempo.ofQuarters(100);
        Tempo to = Tempo.ofQuarters(131);
        assertThat(routes().exactly(from, to)).isEmpty();
        TempoRoute near = routes().within(from, to, BigFraction.of(1)).orElseThrow();
        assertThat(near.exact()).isFalse();
        assertThat(near.reached().perMinute().subtract(131).abs().doubleValue()).isLessThanOrEqualTo(1);
        assertThat(near.steps()).hasSizeBetween(1, 2);
        assertThat(routes().within(from, to, BigFraction.of(1, 1_000_000))).isEmpty();
        assertThat(routes().within(from, Tempo.ofQuarters(125), BigFraction.of(1)))
                .map(TempoRoute::steps)
                .contains(List.of(new Regrouping(5, 4)));
    }
}
