<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Sets\Game\CardDeck;
use Zumbo\Core\Sets\Game\CardRules;
use Zumbo\Core\Sets\Game\DealtCard;
use Zumbo\Core\Sets\Game\Suit;
use Zumbo\Core\Tests\Reference;

final class CardDeckTest extends TestCase
{
    /**
     * Worked by hand: 54 in numbers for each suit, three court cards and an ace, two jokers (reference/sets-and-hall.py).
     *
     * @param array{court: int, ace: int, joker: int, cards: int, points: int} $case
     */
    #[DataProvider('packs')]
    public function testAWholePackByHouseRules(array $case): void
    {
        foreach ([1, 2, 99] as $seed) {
            $deck = CardDeck::shuffled(CardRules::of($case['court'], $case['ace'], $case['joker']), $case['cards'], $seed);
            self::assertSame($case['points'], $deck->reps());
            self::assertCount($case['cards'], $deck->cards);
        }
    }

    /**
     * @return iterable<int, array{array<string, int>}>
     */
    public static function packs(): iterable
    {
        foreach (Reference::file('sets-and-hall.json')['decks'] as $case) {
            yield [$case];
        }
    }

    /** Twice, four times in a row, and a last one is a court card: read off the order it was dealt in, for 400 seeds. */
    public function testJokersDoubleTheNextCard(): void
    {
        $seen = ['once' => 0, 'row' => 0, 'last' => 0];
        for ($seed = 0; $seed < 400; ++$seed) {
            $cards = CardDeck::shuffled(CardRules::of(), seed: $seed)->cards;
            $waiting = 1;
            foreach ($cards as $i => $card) {
                $isPlain = static fn (DealtCard $one): bool => 'joker' !== $one->rank;
                $onlyJokersFollow = [] === array_filter(\array_slice($cards, $i + 1), $isPlain);
                $plain = match ($card->rank) {
                    'joker', 'jack', 'queen', 'king', 'ace' => 20,
                    default => (int) $card->rank,
                };
                if ('joker' === $card->rank && !$onlyJokersFollow) {
                    self::assertSame(0, $card->reps);
                    $waiting *= 2;
                    continue;
                }
                self::assertSame($waiting * $plain, $card->reps);
                $seen['once'] += 2 === $waiting ? 1 : 0;
                $seen['row'] += 4 === $waiting ? 1 : 0;
                $seen['last'] += 'joker' === $card->rank ? 1 : 0;
                $waiting = 1;
            }
        }
        self::assertGreaterThan(300, $seen['once']);
        self::assertGreaterThan(0, $seen['row']);
        self::assertGreaterThan(0, $seen['last']);
    }

    public function testASeedGivesOneOrderAndNoCardTwice(): void
    {
        $names = static fn (int $seed): array => array_map(
            static fn (DealtCard $card): string => $card->rank.' '.('joker' === $card->rank ? '' : $card->suit->value),
            CardDeck::shuffled(CardRules::of(), seed: $seed)->cards,
        );
        self::assertSame($names(7), $names(7));
        self::assertNotSame($names(7), $names(8));
        self::assertCount(53, array_unique($names(7)), 'two jokers are alike');
        self::assertCount(15, CardDeck::shuffled(CardRules::of(), 15, 7)->cards);
    }

    /** Every order is about as likely: each card comes first about 4,000 / 54 times (chi-square, 53 degrees, p > 0.001). */
    public function testShufflingFavoursNoCard(): void
    {
        $first = [];
        for ($seed = 0; $seed < 4000; ++$seed) {
            $card = CardDeck::shuffled(CardRules::of(), 1, $seed)->cards[0];
            $name = 'joker' === $card->rank ? 'joker' : $card->rank.$card->suit->value;
            $first[$name] = ($first[$name] ?? 0) + 1;
        }
        $off = 0.0;
        foreach ($first as $name => $count) {
            $expected = (4000 / 54) * ('joker' === $name ? 2 : 1);
            $off += ($count - $expected) ** 2 / $expected;
        }
        self::assertCount(53, $first);
        self::assertLessThan(90.6, $off);
    }

    /** By hand: a suit of 2 to 10, three court cards of 10 and an ace of 15 is 99 reps; two turns each, or singles before. */
    public function testSuitsAreStyles(): void
    {
        $rules = CardRules::of(10, 15, 0, [Suit::Hearts->value => Pattern::parse('s'), Suit::Clubs->value => Pattern::parse('3s d')]);
        $deck = CardDeck::shuffled($rules, 52, 3);
        self::assertSame([99, 99], [$deck->reps(Suit::Hearts), $deck->reps(Suit::Clubs)]);
        self::assertSame(99 + 99 + 99 + 4 * 99, $deck->jumps());
        self::assertSame(2 * 99 + 99 + 2 * 99 + 5 * 99, $deck->turns());
    }

    public function testTooManyCardsAreRefused(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessageMatches('/cards.*60.*from 1 to 54/');
        CardDeck::shuffled(CardRules::of(), 60);
    }
}
