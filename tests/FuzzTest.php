<?php

declare(strict_types=1);

namespace Zumbo\App\Tests;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\App\Exchange\Format\CsvReader;
use Zumbo\App\Exchange\Format\JsonReader;
use Zumbo\App\Exchange\Format\UnreadableFile;
use Zumbo\App\Exchange\Rule\IncomingRow;
use Zumbo\App\Exchange\Rule\RowError;
use Zumbo\App\Exchange\Rule\RowReader;
use Zumbo\App\Exchange\Table\Tables;
use Zumbo\App\Platform\Job\Worker;
use Zumbo\App\Tests\Fake\FileStream;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Registry;

/**
 * Ten thousand bad inputs, the same every time: nothing answers with a fault of ours, and nothing is half written.
 */
final class FuzzTest extends ApiTestCase
{
    private const CALC = 5000;
    private const API = 2500;
    private const FILES = 2500;
    private const JOBS = 40;

    private Randomizer $random;

    protected function setUp(): void
    {
        parent::setUp();
        $this->random = new Randomizer(new Mt19937(2026));
    }

    public function testComputationsRefuseByNameOrAnswer(): void
    {
        $calculations = Registry::all();
        $refused = 0;
        for ($i = 0; $i < self::CALC; ++$i) {
            $calculation = $calculations[$i % \count($calculations)];
            $raw = $this->fields($calculation->fields());
            try {
                $result = json_encode(Registry::run($calculation->name(), $raw), \JSON_PARTIAL_OUTPUT_ON_ERROR);
                self::assertSame(
                    \JSON_ERROR_NONE,
                    json_last_error(),
                    $calculation->name().
                        ' of '.
                        json_encode($raw, \JSON_PARTIAL_OUTPUT_ON_ERROR).
                        ' gives '.
                        $result,
                );
            } catch (BadInput $e) {
                ++$refused;
                self::assertNotSame('', $e->accepted);
                self::assertStringNotContainsString('Zumbo', $e->getMessage());
            }
        }
        self::assertGreaterThan(self::CALC / 2, $refused, 'most of it is nonsense');
        self::assertLessThan(self::CALC, $refused, 'some of it is not');
    }

    public function testTheApiNeverFaultsAndWritesOnlyWhatItSaysItWrote(): void
    {
        $gym = $this->signInto();
        $athlete = $this->newAthlete();
        $made = ['athlete' => 1, 'attempt' => 0, 'rope' => 0, 'focus' => 0];
        $bodies = [
            'athlete' => ['/api/athletes/', self::athlete()],
            'attempt' => [
                '/api/attempts/',
                [
                    'athleteId' => $athlete,
                    'drill' => 'hundred',
                    'kind' => 'streak',
                    'reps' => 23,
                    'misses' => 0,
                    'end' => 'miss',
                    'clean' => true,
                ],
            ],
            'rope' => [
                '/api/ropes/',
                [
                    'athleteId' => $athlete,
                    'school' => 'armpit',
                    'stance' => null,
                    'handle' => '15',
                    'family' => 'thick-cord',
                ],
            ],
            'focus' => ['/api/focuses/', ['athleteId' => $athlete, 'fault' => 'tension', 'signs' => ['slap']]],
        ];
        $queries = [
            'ladder' => ['family', 'top', 'fixedSingles'],
            'intervals' => ['text', 'workS', 'restS', 'rounds', 'stations'],
            'pacing' => ['reps', 'rounds', 'missCost', 'breakCost', 'aim'],
            'diagnosis' => ['signs', 'ropeChecked'],
            'sizing' => ['school', 'stance', 'handle', 'cable'],
        ];
        for ($i = 0; $i < self::API; ++$i) {
            if (0 === $i % 3) {
                $place = array_keys($queries)[$i % 5];
                $query = http_build_query(array_map(fn (): string => $this->text(), array_flip($queries[$place])));
                $this->send('GET', "/api/athletes/$athlete/$place?$query");
            } else {
                $table = array_keys($bodies)[$i % 4];
                [$path, $body] = $bodies[$table];
                $this->send(
                    'PUT',
                    $path.self::id(),
                    0 === $this->random->getInt(0, 9) ? $this->text() : $this->spoiled($body),
                );
                $made[$table] += 201 === $this->response()->getStatusCode() ? 1 : 0;
            }
            self::assertLessThan(500, $this->response()->getStatusCode(), (string) $this->response()->getContent());
        }
        foreach ($made as $table => $count) {
            self::assertSame(
                $count,
                (int) self::connection()->fetchOne("SELECT COUNT(*) FROM $table WHERE gym_id = ?", [$gym->toBinary()]),
                $table,
            );
        }
    }

    public function testFilesAreReadOrRefusedWithAPlace(): void
    {
        for ($i = 0; $i < self::FILES; ++$i) {
            $csv = 0 === $i % 2;
            try {
                $stream = FileStream::of($csv ? $this->csv() : $this->json());
                $rows = $csv ? CsvReader::read($stream) : JsonReader::read($stream);
                foreach ($rows as $row) {
                    self::assertErrorsHaveAPlace($row);
                }
            } catch (UnreadableFile $e) {
                self::assertNotSame('', $e->error->where);
                self::assertNotSame('', $e->error->accepted);
            }
        }
    }

    public function testImportsOfNonsenseWriteNothing(): void
    {
        $gym = $this->signInto();
        $this->newAthlete();
        $before = $this->fingerprint($gym->toBinary());
        $worker = self::service(Worker::class);
        $states = [];
        for ($i = 0; $i < self::JOBS; ++$i) {
            $id = self::id();
            $file = 0 === $i % 2 ? $this->csv() : $this->json();
            $this->send('PUT', '/api/imports/'.$id, '' === $file ? 'x' : $file, [
                'Content-Type' => 0 === $i % 2 ? 'text/csv' : 'application/json',
            ]);
            $this->assertStatus(201);
            while ($worker->workOnce()) {
                continue;
            }
            $import = $this->send('GET', '/api/imports/'.$id);
            $states[$import['state']] = true;
            self::assertNull($import['fault'], 'refused for a reason, not for a fault of ours');
        }
        self::assertContains('refused', array_keys($states));
        self::assertSame($before, $this->fingerprint($gym->toBinary()));
    }

    private static function assertErrorsHaveAPlace(IncomingRow|RowError $row): void
    {
        $read = $row instanceof RowError ? [$row] : RowReader::read($row);
        foreach (\is_array($read) ? $read : [] as $error) {
            self::assertNotSame('', $error->accepted);
            self::assertStringContainsString(ucfirst($row->where), $error->message);
        }
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<array-key, mixed>
     */
    private function fields(array $fields): array
    {
        $raw = [];
        foreach ($fields as $field) {
            if ($field->required || 0 === $this->random->getInt(0, 2)) {
                $raw[$field->name] = $this->likely($field);
            }
        }
        if (0 === $this->random->getInt(0, 7)) {
            $raw[$this->text()] = $this->junk(0);
        }

        return $raw;
    }

    /** What might stand there, and often does not. */
    private function likely(Field $field): mixed
    {
        return match ($this->random->getInt(0, 6)) {
            0 => $this->junk(0),
            1 => $field->choices[$this->random->getInt(0, max(0, \count($field->choices) - 1))] ?? $field->most,
            2 => [] === $field->fields ? $field->least : [$this->fields($field->fields)],
            3 => [] === $field->fields ? ($field->least + $field->most) / 2 : $this->fields($field->fields),
            4 => ($field->most ?? 1) * 1.01 + 1,
            5 => [$field->least, $field->most],
            default => $field->default ?? ($field->least ?? $field->choices),
        };
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<array-key, mixed>
     */
    private function spoiled(array $body): array
    {
        for ($i = $this->random->getInt(0, 3); $i > 0; --$i) {
            $field = array_keys($body)[$this->random->getInt(0, \count($body) - 1)];
            match ($this->random->getInt(0, 2)) {
                0 => ($body[$field] = $this->junk(0)),
                1 => ($body[$field] = $this->text()),
                default => ($body[$this->text()] = $this->junk(0)),
            };
        }

        return $body;
    }

    private function csv(): string
    {
        $tables = array_values(Tables::all());
        $table = $tables[$this->random->getInt(0, \count($tables) - 1)];
        $names = $this->random->shuffleArray($table->columnNames());
        if (0 === $this->random->getInt(0, 9)) {
            $names[] = $this->text();
        }
        $lines = [implode(',', $names)];
        for ($i = $this->random->getInt(0, 4); $i > 0; --$i) {
            $lines[] = implode(',', array_map(fn (): string => $this->text(), $names));
        }

        return implode(0 === $this->random->getInt(0, 1) ? "\r\n" : "\n", $lines);
    }

    private function json(): string
    {
        $file = ['format' => 'zumbo', 'version' => 1];
        foreach (Tables::all() as $name => $table) {
            $row = ['id' => self::id()];
            foreach ($table->columnNames() as $column) {
                $row[$column] ??= 0 === $this->random->getInt(0, 1) ? $this->junk(0) : $this->text();
            }
            $file[0 === $this->random->getInt(0, 20) ? $this->text() : $name] =
                0 === $this->random->getInt(0, 5) ? $this->junk(0) : [$row];
        }
        $text = (string) json_encode($file, \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_PARTIAL_OUTPUT_ON_ERROR);

        return 0 === $this->random->getInt(0, 5) ? substr($text, 0, $this->random->getInt(0, \strlen($text))) : $text;
    }

    private function junk(int $depth): mixed
    {
        return match ($this->random->getInt(0, 9)) {
            0 => null,
            1 => true,
            2 => $this->random->getInt(-1000, 1_000_000_000),
            3 => (float) $this->random->getInt(-1000, 1000),
            4 => -1e300,
            5 => $depth > 2 ? 'deep' : [$this->junk($depth + 1), $this->junk($depth + 1)],
            6 => $depth > 2 ? 0 : ['kind' => $this->junk($depth + 1), $this->text() => 1],
            7 => [],
            8 => \PHP_INT_MAX,
            default => $this->text(),
        };
    }

    private function text(): string
    {
        $texts = [
            '',
            ' ',
            '0',
            '-1',
            '1e9',
            'NaN',
            'Infinity',
            '19',
            "5'9\"",
            '1,75',
            'null',
            'true',
            '=1+1',
            "'; DROP TABLE gym; --",
            '<script>',
            "\u{202E}abc",
            "\0",
            "a\tb\nc",
            '"',
            '""',
            ';',
            '20/10 x8',
            '2026-02-30',
            '9999-12-31T23:59:60Z',
            '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f',
            'mix',
            'streak',
            '💥',
            "\xC3\x28",
            str_repeat('x', 600),
            '../../etc/passwd',
            '(((((',
            '3s d',
            'slap,slap',
        ];

        return $texts[$this->random->getInt(0, \count($texts) - 1)];
    }

    private function fingerprint(string $gym): string
    {
        $counts = [];
        foreach (
            ['athlete', 'rope', 'rack_rope', 'stature', 'practice', 'practice_set', 'attempt', 'focus'] as $table
        ) {
            $counts[] = self::connection()->fetchOne("SELECT COUNT(*) FROM $table WHERE gym_id = ?", [$gym]);
        }
        $counts[] = self::connection()->fetchOne('SELECT GROUP_CONCAT(name, version) FROM athlete WHERE gym_id = ?', [
            $gym,
        ]);

        return (string) json_encode($counts);
    }
}
