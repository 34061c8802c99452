<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Game;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Numeric\Draws;

/**
 * A pack of cards, shuffled and turned over one by one: number = reps, suit = style.
 *
 * A joker that doubles: the next card that is none, two in a row make it four times, a last one counts as a court card.
 * The same seed gives the same order (R. Durstenfeld, Algorithm 235, Communications of the ACM 7/7 (1964) 420).
 */
final readonly class CardDeck
{
    public const WITH_JOKERS = 54;
    private const JOKER = 'joker';
    private const ACE = 'ace';
    private const COURT = ['jack', 'queen', 'king'];

    /**
     * @param non-empty-list<DealtCard> $cards
     */
    private function __construct(public array $cards)
    {
    }

    /**
     * @param int $cards from 1 to 54; 52 leaves the jokers out, fewer are the first of the shuffled 54
     *
     * @throws OutOfRange when there are not so many cards
     */
    public static function shuffled(CardRules $rules, int $cards = self::WITH_JOKERS, int $seed = 1): self
    {
        if ($cards < 1 || $cards > self::WITH_JOKERS) {
            throw OutOfRange::of('cards', (string) $cards, 'from 1 to '.self::WITH_JOKERS);
        }
        $pack = self::pack(52 !== $cards);
        $draws = new Draws($seed);
        for ($i = \count($pack) - 1; $i > 0; --$i) {
            $j = (int) $draws->between(0, $i + 1);
            [$pack[$i], $pack[$j]] = [$pack[$j], $pack[$i]];
        }

        return new self(self::dealt($rules, \array_slice($pack, 0, $cards)));
    }

    public function reps(?Suit $suit = null): int
    {
        return $this->sum(static fn (DealtCard $card): int => null === $suit || $suit === $card->suit ? $card->reps : 0);
    }

    public function jumps(): int
    {
        return $this->sum(static fn (DealtCard $card): int => $card->jumps());
    }

    public function turns(): int
    {
        return $this->sum(static fn (DealtCard $card): int => $card->turns());
    }

    public function contacts(): int
    {
        return $this->sum(static fn (DealtCard $card): int => $card->contacts());
    }

    /**
     * @param callable(DealtCard): int $of
     */
    private function sum(callable $of): int
    {
        return array_sum(array_map($of, $this->cards));
    }

    /**
     * @return non-empty-list<array{string, Suit|null}> rank and suit
     */
    private static function pack(bool $withJokers): array
    {
        $pack = [];
        foreach (Suit::cases() as $suit) {
            foreach ([self::ACE, ...array_map(strval(...), range(2, 10)), ...self::COURT] as $rank) {
                $pack[] = [$rank, $suit];
            }
        }

        return $withJokers ? [...$pack, [self::JOKER, null], [self::JOKER, null]] : $pack;
    }

    /**
     * @param non-empty-list<array{string, Suit|null}> $pack
     *
     * @return non-empty-list<DealtCard>
     */
    private static function dealt(CardRules $rules, array $pack): array
    {
        $factor = 1;
        $before = Suit::cases()[0];
        $dealt = [];
        foreach ($pack as $i => [$rank, $suit]) {
            $suit ??= $before;
            $doubles = self::JOKER === $rank && null === $rules->joker && !self::isLast($pack, $i);
            $reps = $doubles ? 0 : $factor * self::worth($rules, $rank);
            $dealt[] = new DealtCard($rank, $suit, $reps, $factor, $rules->style($suit));
            $factor = $doubles ? 2 * $factor : 1;
            $before = $suit;
        }

        return $dealt;
    }

    /**
     * Whether only jokers come after it.
     *
     * @param list<array{string, Suit|null}> $pack
     */
    private static function isLast(array $pack, int $at): bool
    {
        foreach (\array_slice($pack, $at + 1) as [$rank]) {
            if (self::JOKER !== $rank) {
                return false;
            }
        }

        return true;
    }

    private static function worth(CardRules $rules, string $rank): int
    {
        return match (true) {
            self::ACE === $rank => $rules->ace,
            self::JOKER === $rank => $rules->joker ?? $rules->court,
            \in_array($rank, self::COURT, true) => $rules->court,
            default => (int) $rank,
        };
    }
}
