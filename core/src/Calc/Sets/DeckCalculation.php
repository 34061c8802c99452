<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternError;
use Zumbo\Core\Sets\Game\CardDeck;
use Zumbo\Core\Sets\Game\CardRules;
use Zumbo\Core\Sets\Game\DealtCard;
use Zumbo\Core\Sets\Game\Suit;

/**
 * `deck`: a pack of cards as a workout, in the order of its seed.
 */
final class DeckCalculation implements Calculation
{
    private const DOUBLES = 'doubles';
    private const USUAL_STYLE = 'd';

    public function name(): string
    {
        return 'deck';
    }

    public function summary(): string
    {
        return 'a pack of cards as a workout: number = reps, suit = style';
    }

    public function fields(): array
    {
        return [
            Field::record(
                'rules',
                [
                    Field::whole('court', 0, CardRules::MOST_REPS, 'reps of a court card')->default((float) CardRules::USUAL_COURT),
                    Field::whole('ace', 0, CardRules::MOST_REPS, 'reps of an ace')->default((float) CardRules::USUAL_ACE),
                    Field::choice(
                        'joker',
                        [self::DOUBLES, ...array_map(strval(...), range(0, CardRules::MOST_REPS))],
                        'doubles the next card that is none, or so many reps',
                    )->default(self::DOUBLES),
                    Field::record(
                        'suits',
                        array_map(
                            static fn (Suit $suit): Field => Field::text($suit->value, 60, 'one rep in the notation')
                                ->default(self::USUAL_STYLE),
                            Suit::cases(),
                        ),
                        'what each suit jumps; left out: doubles',
                    ),
                ],
                'rules of the house',
            ),
            Field::whole('cards', 1, CardDeck::WITH_JOKERS, 'how many; 52 leaves the jokers out')->default((float) CardDeck::WITH_JOKERS),
            Field::whole('seed', 0, 2_147_483_647, 'the same seed gives the same order')->default(1.0),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $deck = CardDeck::shuffled(self::rules($inputs->record('rules')), $inputs->whole('cards'), $inputs->whole('seed'));
        $bySuit = [];
        foreach (Suit::cases() as $suit) {
            $bySuit[$suit->value] = $deck->reps($suit);
        }

        return [
            'points' => $deck->reps(),
            'by_suit' => $bySuit,
            'jumps' => $deck->jumps(),
            'turns' => $deck->turns(),
            'contacts' => $deck->contacts(),
            'seed' => $inputs->whole('seed'),
            'cards' => array_map(
                static fn (DealtCard $card): array => [
                    'rank' => $card->rank,
                    'suit' => $card->suit->value,
                    'reps' => $card->reps,
                    'factor' => $card->factor,
                    'style' => $card->style->notation(),
                ],
                $deck->cards,
            ),
        ];
    }

    private static function rules(?Inputs $rules): CardRules
    {
        if (null === $rules) {
            return CardRules::of();
        }
        $styles = [];
        $suits = $rules->record('suits');
        foreach (Suit::cases() as $suit) {
            $written = $suits?->text($suit->value) ?? self::USUAL_STYLE;
            try {
                $styles[$suit->value] = Pattern::parse($written);
            } catch (PatternError $e) {
                throw BadInput::because('rules.suits.'.$suit->value, $written, $e->getMessage(), 'a pattern like d, s or s d');
            }
        }
        $joker = $rules->text('joker');

        return CardRules::of($rules->whole('court'), $rules->whole('ace'), self::DOUBLES === $joker ? null : (int) $joker, $styles);
    }
}
