<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Sets\AthletePace;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Sets\Game\DealtCard;
use Zumbo\Core\Sets\Game\Game;
use Zumbo\Core\Sets\Game\OneMoreEachMinute;
use Zumbo\Core\Sets\Game\RelayTeams;
use Zumbo\Core\Sets\Game\Suit;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderPace;

/**
 * The games: cards, feet, one more each minute, relays.
 */
final readonly class PlayGames
{
    /** A leg that takes longer is not for today; it counts as that. */
    private const LONGEST_LEG_S = 900.0;

    public function __construct(
        private Athletes $athletes,
        private MayJump $mayJump,
        private JudgeToday $judge,
        private AthletePace $pace,
    ) {
    }

    public function deck(Uuid $id, DeckInput $input): DeckView
    {
        [$athlete, $judged] = $this->judged($id);
        $deck = $input->deck(self::usualStyles(Ladder::kindAt($athlete->stage())));
        $suits = [];
        foreach ($deck->cards as $card) {
            $suits[$card->suit->value] = SuitView::of($card->suit, $card->style, $deck->reps($card->suit));
        }
        ksort($suits);

        return new DeckView(
            $id->toRfc4122(),
            Game::Cards->value,
            Game::Cards->measuredBy($judged->gates->at($athlete->stage())),
            $input->seed,
            array_map(static fn (DealtCard $card): CardView => CardView::of($card), $deck->cards),
            array_values($suits),
            $deck->reps(),
            $deck->jumps(),
            $deck->turns(),
            $deck->contacts(),
            self::load($judged, $deck->contacts()),
        );
    }

    public function feet(Uuid $id, FootGameInput $input): FootGameView
    {
        [$athlete, $judged] = $this->judged($id);
        $game = $input->game();

        return new FootGameView(
            $id->toRfc4122(),
            Game::Feet->value,
            Game::Feet->measuredBy($judged->gates->at($athlete->stage())),
            $game->hops,
            $game->eachFoot(),
            $game->landings(),
            self::load($judged, $game->landings()),
        );
    }

    public function eachMinute(Uuid $id, EachMinuteInput $input): EachMinuteView
    {
        [$athlete, $judged] = $this->judged($id);
        [$pace, $source] = $this->pace->of($athlete);
        $kind = Ladder::kindAt($athlete->stage());
        $left = $judged->today->contacts->today;
        try {
            $game = OneMoreEachMinute::of(
                $input->first,
                $kind->passes() > 1 ? $pace->doubles : $pace->singles,
                LadderPace::secondsPerRep($kind),
                $pace->missS,
                $input->unbroken,
                max(1, $left),
            );
        } catch (OutOfRange $e) {
            throw BadField::of('first', (string) $input->first, $e->accepted);
        }
        $end = $game->predictedEnd();
        $values = ['minute' => $end, 'reps' => $game->reps(), 'last' => $input->first + max(0, $end - 2)];

        return new EachMinuteView(
            $id->toRfc4122(),
            Game::EachMinute->value,
            Game::EachMinute->measuredBy($judged->gates->at($athlete->stage())),
            $input->first,
            \array_slice($game->stillIn, 0, $end),
            $end,
            $game->reps(),
            SentenceView::of(
                $end === $game->fullAt ? Verdict::of('game.to_the_cap', $values) : Verdict::of('game.ends', $values),
                LengthUnit::Centimetre,
            ),
            SentenceView::of($source, LengthUnit::Centimetre),
            self::load($judged, $game->reps()),
        );
    }

    public function relay(RelayInput $input): RelayView
    {
        $asked = '' === $input->athletes ? null : explode(',', $input->athletes);
        $here = array_values(array_filter(
            $this->athletes->present(),
            static fn (Athlete $one): bool => null === $asked || \in_array($one->id()->toRfc4122(), $asked, true),
        ));
        $runners = [];
        foreach ($this->judge->everybody($here) as $id => $judged) {
            if ($judged->today->allowance->offersJumps()) {
                $runners[] = $this->runner($id, $judged->athlete, $input->reps);
            }
        }
        try {
            $teams = RelayTeams::balanced(array_map(static fn (RelayRunnerView $one): float => $one->seconds, $runners), $input->teams);
        } catch (OutOfRange $e) {
            throw BadField::of('teams', (string) $input->teams, $e->accepted);
        }
        $largest = max(array_map(\count(...), $teams->teams));

        return new RelayView(
            Game::Relay->value,
            array_map(
                static fn (array $members, float $seconds): RelayTeamView => self::team(
                    array_map(static fn (int $i): RelayRunnerView => $runners[$i], $members),
                    $seconds,
                    \count($members) < $largest,
                ),
                $teams->teams,
                $teams->seconds,
            ),
            $teams->spreadS(),
            \count($here) - \count($runners),
        );
    }

    /**
     * @param list<RelayRunnerView> $runners
     */
    private static function team(array $runners, float $seconds, bool $isOneShort): RelayTeamView
    {
        usort($runners, static fn (RelayRunnerView $one, RelayRunnerView $other): int => $other->seconds <=> $one->seconds);
        $quickest = end($runners);

        return new RelayTeamView($runners, $seconds, $isOneShort && false !== $quickest ? $quickest->firstName : null);
    }

    /** A leg is so many reps, restarts included, at the chance of a first rep. */
    private function runner(string $id, Athlete $athlete, int $reps): RelayRunnerView
    {
        [$pace] = $this->pace->of($athlete);
        $kind = Ladder::kindAt($athlete->stage());

        return new RelayRunnerView(
            $id,
            $athlete->profile()->firstName(),
            self::legS($pace, $kind, $reps),
            $kind->name($reps),
        );
    }

    private static function legS(LadderPace $pace, JumpKind $kind, int $reps): float
    {
        $one = $pace->outlook(Ladder::of(LadderFamily::Unbroken, 1, $kind))->rungs[0];

        return min(self::LONGEST_LEG_S, $reps * $one->expectedS());
    }

    /**
     * @return array<string, string>
     */
    private static function usualStyles(JumpKind $kind): array
    {
        $own = $kind->value;

        return [
            Suit::Spades->value => $own,
            Suit::Hearts->value => 's',
            Suit::Diamonds->value => 'd' === $own ? 'd' : 'q',
            Suit::Clubs->value => 'S',
        ];
    }

    /**
     * @return array{Athlete, Judged}
     */
    private function judged(Uuid $id): array
    {
        $athlete = $this->athletes->get($id);

        return [$athlete, $this->mayJump->orRefuse($athlete)];
    }

    private static function load(Judged $judged, int $contacts): SentenceView
    {
        return SentenceView::of($judged->today->contacts->with($contacts), LengthUnit::Centimetre);
    }
}
