<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

/**
 * One input of a computation: its name with the unit as suffix, its range, its default. Aliases without the suffix
 * take a text with a unit instead of a bare number in SI units.
 */
final readonly class Field
{
    /**
     * @param list<string> $aliases
     * @param list<string> $choices
     * @param list<self>   $fields
     */
    private function __construct(
        public string $name,
        public FieldKind $kind,
        public string $meaning,
        public ?float $least = null,
        public ?float $most = null,
        public float|string|null $default = null,
        public bool $required = false,
        public array $aliases = [],
        public array $choices = [],
        /** Of a record, or of each row. */
        public array $fields = [],
        public bool $whole = false,
    ) {
    }

    /** A length `NAME_m`, also written with a unit as `NAME`. Ends included. */
    public static function length(string $name, float $least, float $most, string $meaning): self
    {
        return new self($name.'_m', FieldKind::Length, $meaning, $least, $most, aliases: [$name]);
    }

    /** A plain number whose unit stands in its name. Ends included. */
    public static function number(string $name, float $least, float $most, string $meaning): self
    {
        return new self($name, FieldKind::Number, $meaning, $least, $most);
    }

    /** A whole number. Ends included. */
    public static function whole(string $name, int $least, int $most, string $meaning): self
    {
        return new self($name, FieldKind::Number, $meaning, $least, $most, whole: true);
    }

    public static function yesOrNo(string $name, string $meaning): self
    {
        return self::choice($name, ['yes', 'no'], $meaning);
    }

    /**
     * @param list<string> $choices
     */
    public static function choice(string $name, array $choices, string $meaning): self
    {
        return new self($name, FieldKind::Choice, $meaning, choices: $choices);
    }

    /**
     * Several of the choices, each once; on the command line parted by commas.
     *
     * @param list<string> $choices
     */
    public static function choices(string $name, array $choices, string $meaning): self
    {
        return new self($name, FieldKind::Choices, $meaning, choices: $choices);
    }

    /**
     * Named lengths in metres, `{"armpit": 1.28}`; on the command line `NAME_m.armpit=1.28`.
     *
     * @param list<string> $keys
     */
    public static function lengthsByName(string $name, array $keys, float $least, float $most, string $meaning): self
    {
        return new self($name.'_m', FieldKind::LengthsByName, $meaning, $least, $most, choices: $keys);
    }

    /** A list of numbers; on the command line parted by commas. */
    public static function numbers(string $name, float $least, float $most, string $meaning): self
    {
        return new self($name, FieldKind::Numbers, $meaning, $least, $most);
    }

    /** Rows of numbers, null where there is none; on the command line as JSON. Ends included. */
    public static function table(string $name, float $least, float $most, string $meaning): self
    {
        return new self($name, FieldKind::Table, $meaning, $least, $most);
    }

    /** Free text of at most so many characters. */
    public static function text(string $name, int $longest, string $meaning): self
    {
        return new self($name, FieldKind::Text, $meaning, 0.0, (float) $longest);
    }

    /**
     * A list of records; on the command line as JSON.
     *
     * @param list<self> $fields
     */
    public static function rows(string $name, array $fields, string $meaning): self
    {
        return new self($name, FieldKind::Rows, $meaning, fields: $fields);
    }

    /**
     * One record; on the command line as JSON, or `NAME.field=value`.
     *
     * @param list<self> $fields
     */
    public static function record(string $name, array $fields, string $meaning): self
    {
        return new self($name, FieldKind::Record, $meaning, fields: $fields);
    }

    /** A recording; on the command line the path of a WAV file. */
    public static function wav(string $name, string $meaning): self
    {
        return new self($name, FieldKind::Wav, $meaning);
    }

    public function required(): self
    {
        return $this->with(required: true);
    }

    public function default(float|string $default): self
    {
        return $this->with(default: $default);
    }

    public function alias(string ...$aliases): self
    {
        return $this->with(aliases: array_values([...$this->aliases, ...$aliases]));
    }

    /** What a person may write here. */
    public function accepted(): string
    {
        $range = \sprintf('between %s and %s', (float) $this->least, (float) $this->most);

        return match ($this->kind) {
            FieldKind::Length => \sprintf(
                'a length from %s to %s m, like 1.75 m, 175 cm or 5\'9"',
                (float) $this->least,
                (float) $this->most,
            ),
            FieldKind::Number => ($this->whole ? 'a whole number ' : 'a number ').$range,
            FieldKind::Numbers => 'numbers '.$range,
            FieldKind::Choice => 'one of '.implode(', ', $this->choices),
            FieldKind::Choices => 'some of '.implode(', ', $this->choices),
            FieldKind::Text => \sprintf('text of at most %d characters', (int) $this->most),
            FieldKind::Wav => 'a WAV file: base64 in JSON, a path that can be read on the command line',
            FieldKind::Rows => 'a list of {'.$this->namesInside().'}',
            FieldKind::Table => 'rows of one length, each of numbers '.$range.' or null',
            FieldKind::Record => '{'.$this->namesInside().'}',
            FieldKind::LengthsByName => \sprintf('lengths in metres %s for %s', $range, implode(', ', $this->choices)),
        };
    }

    private function namesInside(): string
    {
        return implode(', ', array_map(static fn (self $field): string => $field->name, $this->fields));
    }

    /**
     * @param list<string>|null $aliases
     */
    private function with(?bool $required = null, float|string|null $default = null, ?array $aliases = null): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->meaning,
            $this->least,
            $this->most,
            $default ?? $this->default,
            $required ?? $this->required,
            $aliases ?? $this->aliases,
            $this->choices,
            $this->fields,
            $this->whole,
        );
    }
}
