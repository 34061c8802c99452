<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternError;
use Zumbo\Core\Sets\Game\CardDeck;
use Zumbo\Core\Sets\Game\CardRules;
use Zumbo\Core\Sets\Game\Suit;

/**
 * A pack of cards by the rules of the house.
 */
final readonly class DeckInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: CardDeck::WITH_JOKERS)] public int $cards = 15,
        /** The same seed gives the same order. */
        #[Assert\Range(min: 0, max: 2147483647)] public int $seed = 1,
        #[Assert\Range(min: 0, max: CardRules::MOST_REPS)] public int $court = CardRules::USUAL_COURT,
        #[Assert\Range(min: 0, max: CardRules::MOST_REPS)] public int $ace = CardRules::USUAL_ACE,
        /** Null: it doubles the next card that is none. */
        #[Assert\Range(min: 0, max: CardRules::MOST_REPS)] public ?int $joker = null,
        /** One rep of each suit, in the notation; null: what they jump at their stage. */
        #[Assert\Length(max: 60)] public ?string $spades = null,
        #[Assert\Length(max: 60)] public ?string $hearts = null,
        #[Assert\Length(max: 60)] public ?string $diamonds = null,
        #[Assert\Length(max: 60)] public ?string $clubs = null,
    ) {
    }

    /**
     * @param array<string, string> $usual one rep in the notation, by suit
     *
     * @throws BadField naming a suit that can't be read
     */
    public function deck(array $usual): CardDeck
    {
        $styles = [];
        foreach (Suit::cases() as $suit) {
            $written = $this->{$suit->value} ?? $usual[$suit->value];
            try {
                $styles[$suit->value] = Pattern::parse($written);
            } catch (PatternError $e) {
                throw BadField::of($suit->value, $written, 'one rep in the notation, like d, s or 2s d', ucfirst($e->getMessage()).'.');
            }
        }

        return CardDeck::shuffled(CardRules::of($this->court, $this->ace, $this->joker, $styles), $this->cards, $this->seed);
    }
}
