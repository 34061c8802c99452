<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\English\Labels;
use Zumbo\Core\Messages\English\Sentences;

/**
 * Turns a verdict into the one sentence a coach reads. The only place in PHP where verdicts get words, for screens,
 * print and command line alike.
 *
 * A sentence is an ICU message, plurals and choices included. Values called `…_m` print as lengths in the coach's unit,
 * whole numbers as such, other numbers with two digits, terms by their label, and what people typed as it is.
 *
 * @phpstan-import-type Value from Verdict
 */
final readonly class MessageCatalogue
{
    private const LOCALE = 'en';

    private function __construct(private LengthUnit $unit)
    {
    }

    public static function in(LengthUnit $unit): self
    {
        return new self($unit);
    }

    /**
     * @throws MissingMessage when the code has no message, or the message asks for a value the verdict lacks
     */
    public function sentence(Verdict $verdict): string
    {
        [$names, $formatter] = self::read($verdict->code);
        $arguments = [];
        foreach ($names as $name) {
            $value = $verdict->values[$name] ?? throw MissingMessage::forValue($verdict->code, $name);
            $arguments[$name] = $this->argument($name, $value);
        }
        $sentence = $formatter->format($arguments);

        return false === $sentence
            ? throw MissingMessage::unreadable($verdict->code, $formatter->getErrorMessage())
            : $sentence;
    }

    /**
     * A word of the vocabulary as people say it.
     *
     * @throws MissingMessage when it has no label
     */
    public static function name(Term $term): string
    {
        return Labels::of($term->kind, $term->code) ?? throw MissingMessage::forTerm($term);
    }

    /**
     * A class says the same few sentences of everybody: each message is read once.
     *
     * @return array{list<string>, \MessageFormatter} the values it asks for, and what fills them in
     */
    private static function read(string $code): array
    {
        /** @var array<string, array{list<string>, \MessageFormatter}> $read */
        static $read = [];

        return $read[$code] ??= self::readAnew($code);
    }

    /**
     * @return array{list<string>, \MessageFormatter}
     */
    private static function readAnew(string $code): array
    {
        $pattern = Sentences::of($code) ?? throw MissingMessage::forCode($code);
        try {
            return [MessagePattern::arguments($pattern), new \MessageFormatter(self::LOCALE, $pattern)];
        } catch (\IntlException $e) {
            throw MissingMessage::unreadable($code, $e->getMessage());
        }
    }

    /**
     * @param Value $value
     */
    private function argument(string $name, float|int|string|bool|Term|array $value): string|int
    {
        return match (true) {
            $value instanceof Term => self::name($value),
            \is_array($value) => implode(', ', array_map(self::name(...), $value)),
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_float($value) && str_ends_with($name, '_m') => $this->unit->print(Length::ofMetres($value)),
            \is_float($value) => self::twoDigits($value),
            default => $value,
        };
    }

    private static function twoDigits(float $value): string
    {
        return abs($value) >= 10 ? (string) (int) round($value) : \sprintf('%.1f', $value);
    }
}
