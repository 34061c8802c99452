<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Game;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Rhythm\JumpRun;
use Zumbo\Core\Rhythm\Pattern;

/**
 * What a card is worth: a number its reps, court cards, ace and joker by the house; and what each suit jumps (common
 * practice, no published source).
 */
final readonly class CardRules
{
    public const USUAL_COURT = 20;
    public const USUAL_ACE = 20;
    public const MOST_REPS = 100;

    /**
     * @param array<string, Pattern> $styles
     */
    private function __construct(
        public int $court,
        public int $ace,
        /** Null: it doubles the next card that is none. */
        public ?int $joker,
        private array $styles,
    ) {
    }

    /**
     * @param int                    $court  from 0 to 100
     * @param int                    $ace    from 0 to 100
     * @param int|null               $joker  from 0 to 100; null: it doubles the next card
     * @param array<string, Pattern> $styles one rep, by suit; a suit left out jumps doubles
     *
     * @throws OutOfRange naming what is out of range
     */
    public static function of(int $court = self::USUAL_COURT, int $ace = self::USUAL_ACE, ?int $joker = null, array $styles = []): self
    {
        foreach (['court' => $court, 'ace' => $ace, 'joker' => $joker ?? 0] as $card => $reps) {
            if ($reps < 0 || $reps > self::MOST_REPS) {
                throw OutOfRange::of($card, (string) $reps, 'from 0 to '.self::MOST_REPS);
            }
        }

        return new self($court, $ace, $joker, $styles);
    }

    /** One rep of a suit. */
    public function style(Suit $suit): Pattern
    {
        return $this->styles[$suit->value] ?? Pattern::of([new JumpRun(JumpKind::Double, 1)]);
    }
}
