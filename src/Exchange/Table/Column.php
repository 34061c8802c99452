<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Table;

use Zumbo\Core\Measure\Quantity;

/**
 * One column of an exchanged table: its name, what may stand in it, and what it means. CSV and JSON share it.
 */
final readonly class Column
{
    /** A row of each table that others name. */
    private const NAMED = ['athletes' => 'an athlete', 'cables' => 'a cable', 'rack' => 'a shared rope', 'focuses' => 'a focus'];

    /**
     * @param list<string> $choices
     */
    private function __construct(
        public string $name,
        public ColumnKind $kind,
        public string $meaning,
        public float $least = 0.0,
        public float $most = 0.0,
        public array $choices = [],
        /** May be empty (CSV) or null (JSON). */
        public bool $optional = false,
        /** Names another row: the table. */
        public ?string $of = null,
        /** @var bool|string|list<string>|null what stands there when it may be empty and is */
        public bool|string|array|null $default = null,
    ) {
    }

    public static function id(): self
    {
        return new self('id', ColumnKind::Id, 'the row, for ever');
    }

    public static function athlete(): self
    {
        return new self('athlete_id', ColumnKind::Id, 'whose it is', of: 'athletes');
    }

    /** Names something that may be gone. */
    public static function uuid(string $name, string $meaning): self
    {
        return new self($name, ColumnKind::Id, $meaning);
    }

    /** Names a row of another table. */
    public static function reference(string $name, string $table, string $meaning): self
    {
        return new self($name, ColumnKind::Id, $meaning, of: $table);
    }

    /** Ends included, in characters; from 0 it may be empty. */
    public static function text(string $name, int $least, int $most, string $meaning): self
    {
        return new self($name, ColumnKind::Text, $meaning, $least, $most);
    }

    /** Ends included. */
    public static function number(string $name, float $least, float $most, string $meaning): self
    {
        return new self($name, ColumnKind::Number, $meaning, $least, $most);
    }

    /** In metres, as wide as the core takes it. */
    public static function length(string $name, Quantity $quantity, string $meaning): self
    {
        return self::number($name, $quantity->leastM(), $quantity->mostM(), $meaning);
    }

    /** Ends included. */
    public static function whole(string $name, int $least, int $most, string $meaning): self
    {
        return new self($name, ColumnKind::Whole, $meaning, $least, $most);
    }

    public static function flag(string $name, string $meaning): self
    {
        return new self($name, ColumnKind::Flag, $meaning);
    }

    /**
     * @param list<string> $choices
     */
    public static function choice(string $name, array $choices, string $meaning): self
    {
        return new self($name, ColumnKind::Choice, $meaning, choices: $choices);
    }

    /**
     * @param list<string> $choices
     */
    public static function choices(string $name, array $choices, string $meaning): self
    {
        return new self($name, ColumnKind::Choices, $meaning, choices: $choices);
    }

    public static function day(string $name, string $meaning): self
    {
        return new self($name, ColumnKind::Day, $meaning);
    }

    public static function instant(string $name, string $meaning): self
    {
        return new self($name, ColumnKind::Instant, $meaning);
    }

    public function optional(): self
    {
        return $this->orElse(null);
    }

    /**
     * May be empty, and then is that: files from before the column was there stay readable.
     *
     * @param bool|string|list<string>|null $default
     */
    public function orElse(bool|string|array|null $default): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->meaning,
            $this->least,
            $this->most,
            $this->choices,
            true,
            $this->of,
            $default,
        );
    }

    /** What a person may write here. */
    public function accepted(): string
    {
        $accepted = match ($this->kind) {
            ColumnKind::Id => null === $this->of
                ? 'a UUID version 7, like 01934f2e-7a4c-7cc0-98c4-dc0c0c07398f'
                : \sprintf('the id of %s of this gym or of this file', self::NAMED[$this->of] ?? 'a row'),
            ColumnKind::Text => \sprintf('text of %d to %d characters', $this->least, $this->most),
            ColumnKind::Number => \sprintf('a number from %s to %s', $this->least, $this->most),
            ColumnKind::Whole => \sprintf('a whole number from %d to %d', $this->least, $this->most),
            ColumnKind::Flag => 'true or false',
            ColumnKind::Choice => 'one of '.implode(', ', $this->choices),
            ColumnKind::Choices => 'some of '.implode(', ', $this->choices),
            ColumnKind::Day => 'a day like 2026-11-24',
            ColumnKind::Instant => 'an instant like 2026-11-24T18:42:00Z',
        };

        return $this->optional ? $accepted.', or nothing' : $accepted;
    }

    /**
     * @return array<string, mixed> as JSON Schema
     */
    public function schema(): array
    {
        $schema = match ($this->kind) {
            ColumnKind::Id => [
                'type' => 'string',
                'format' => 'uuid',
                'pattern' => '^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$',
            ],
            ColumnKind::Text => [
                'type' => 'string',
                'minLength' => (int) $this->least,
                'maxLength' => (int) $this->most,
            ],
            ColumnKind::Number => ['type' => 'number', 'minimum' => $this->least, 'maximum' => $this->most],
            ColumnKind::Whole => ['type' => 'integer', 'minimum' => (int) $this->least, 'maximum' => (int) $this->most],
            ColumnKind::Flag => ['type' => 'boolean'],
            ColumnKind::Choice => ['enum' => $this->choices],
            ColumnKind::Choices => ['type' => 'array', 'uniqueItems' => true, 'items' => ['enum' => $this->choices]],
            ColumnKind::Day => ['type' => 'string', 'format' => 'date'],
            ColumnKind::Instant => ['type' => 'string', 'pattern' => '^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}Z$'],
        };

        return ['description' => $this->meaning] +
            ($this->optional ? ['anyOf' => [$schema, ['type' => 'null']]] : $schema);
    }
}
