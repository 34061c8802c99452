<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Exchange;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\App\Exchange\Format\CsvReader;
use Zumbo\App\Exchange\Format\CsvWriter;
use Zumbo\App\Exchange\Format\FormulaCells;
use Zumbo\App\Exchange\Format\JsonReader;
use Zumbo\App\Exchange\Format\UnreadableFile;
use Zumbo\App\Exchange\Rule\IncomingRow;
use Zumbo\App\Exchange\Rule\ReadRow;
use Zumbo\App\Exchange\Rule\RowError;
use Zumbo\App\Exchange\Rule\RowReader;
use Zumbo\App\Exchange\Table\Column;
use Zumbo\App\Exchange\Table\Tables;
use Zumbo\App\Tests\Fake\FileStream;

final class CsvTest extends TestCase
{
    private const ID = '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f';

    #[DataProvider('cells')]
    public function testACellNoSpreadsheetTakesForAFormulaReadsBackTheSame(string $cell, string $written): void
    {
        self::assertSame($written, FormulaCells::escape($cell));
        self::assertSame($cell, FormulaCells::unescape($written));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function cells(): iterable
    {
        yield 'a formula' => ['=1+1', "'=1+1"];
        yield 'plus' => ['+49 1', "'+49 1"];
        yield 'minus' => ['-2', "'-2"];
        yield 'at' => ['@SUM(A1)', "'@SUM(A1)"];
        yield 'tab' => ["\tx", "'\tx"];
        yield 'an apostrophe before a formula' => ["'=1", "''=1"];
        yield 'two of them' => ["''=1", "'''=1"];
        yield 'an apostrophe of a name' => ["'t Hooft", "'t Hooft"];
        yield 'behind a blank' => [' =1+1', "' =1+1"];
        yield 'behind a no-break space' => ["\u{A0}+1", "'\u{A0}+1"];
        yield 'in full width' => ["\u{FF1D}1+1", "'\u{FF1D}1+1"];
        yield 'an apostrophe before a blank and one' => ["' @x", "'' @x"];
        yield 'a blank and a name' => [' Ilse', ' Ilse'];
        yield 'plain' => ['Ilse', 'Ilse'];
        yield 'nothing' => ['', ''];
    }

    /** RFC 4180: quotes doubled, line breaks and commas inside quotes, CR LF at the end of a record. */
    public function testCommasQuotesAndLineBreaksSurvive(): void
    {
        $table = Tables::all()['athletes'];
        $names = $table->columnNames();
        $empty = array_map(static fn (Column $column): mixed => $column->default, $table->columns);
        $row = [...array_combine($names, $empty), ...[
            'id' => self::ID,
            'name' => "Ann \"Speedy\",\nof Wrenmouth",
            'stature_m' => 1.7,
            'dominant_hand' => 'left',
            'experience' => 'none',
            'stage' => 'jump',
            'birth_year' => null,
            'guardian_consent' => false,
            'added_at' => '2026-11-24T18:42:00Z',
        ]];
        $csv = implode('', [...CsvWriter::lines($table, [$row])]);
        self::assertSame(
            self::ID.
                ",\"Ann \"\"Speedy\"\",\nof Wrenmouth\",1.7,left,none,jump,,false,2026-11-24T18:42:00Z".
                str_repeat(',', \count($names) - 1 - (int) array_search('added_at', $names, true)),
            explode("\r\n", $csv)[1],
        );
        $read = RowReader::read(self::row($csv));
        self::assertInstanceOf(ReadRow::class, $read);
        self::assertSame($row, $read->values);
    }

    public function testTheHeaderTellsTheTableAlsoWithFewerColumnsInAnotherOrder(): void
    {
        $file = "\u{FEFF}tag,id\n R1,".self::ID."\n\n";
        self::assertCount(1, self::csv($file));
        self::assertSame(['rack', 'line 2'], [self::row($file)->table->name, self::row($file)->where]);
    }

    #[DataProvider('unreadable')]
    public function testAFileWhoseRowsCantBeToldIsRefusedWithThePlace(string $csv, string $message): void
    {
        try {
            self::csv($csv);
            self::fail('it was read');
        } catch (UnreadableFile $e) {
            self::assertStringContainsString($message, $e->error->message);
        }
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['', 'Line 1: header is missing'];
        yield 'no id' => ["name,stage\nx,y", 'Line 1: header "name,stage": id and other columns of one table'];
        yield 'an unknown column' => ["id,shoe_size\nx,43", 'athletes: id,name,stature_m'];
        yield 'columns of several tables' => [
            "id,athlete_id\nx,y",
            'columns that only one table has; these stand in statures and cautions and ropes',
        ];
        yield 'a column twice' => ["id,tag,tag\nx,y,z", 'Line 1: column "tag": each column once'];
        yield 'another encoding' => ["id,tag\nx,\xE9", 'Line 2: encoding "not UTF-8": UTF-8.'];
    }

    #[DataProvider('badCells')]
    public function testABadCellIsNamedWithTheAcceptedForm(string $header, string $cells, string $message): void
    {
        $errors = RowReader::read(self::row("id,$header\n".self::ID.",$cells\n"));
        self::assertIsArray($errors);
        self::assertSame(
            $message,
            implode(' ', array_map(static fn (RowError $error): string => $error->message, $errors)),
        );
    }

    /**
     * @return iterable<string, array{string, string, string}>
     */
    public static function badCells(): iterable
    {
        yield 'a comma for the point' => [
            'stature_m,name',
            '"1,75",x',
            'Line 2: stature_m "1,75": a number from 0.9 to 2.3.',
        ];
        yield 'too tall' => ['stature_m,name', '3.1,x', 'Line 2: stature_m "3.1": a number from 0.9 to 2.3.'];
        yield 'no name' => ['name,stage', ',mix', 'Line 2: name is missing: text of 1 to 80 characters.'];
        yield 'blanks for a name' => ['name,stage', '"  ",mix', 'Line 2: name "  ": text of 1 to 80 characters.'];
        yield 'an unknown stage' => [
            'name,stage',
            'x,moon',
            'Line 2: stage "moon": one of jump, turn, join, singles, range, snap, mix, link, hold, workout.',
        ];
        yield 'yes for true' => ['name,guardian_consent', 'x,yes', 'Line 2: guardian_consent "yes": true or false.'];
        yield 'one unknown word' => [
            'athlete_id,local_day,why',
            self::ID.',2026-11-24,gout',
            'Line 2: why "gout": one of temper, tired, misses.',
        ];
        yield 'a day that is none' => [
            'athlete_id,read_on',
            self::ID.',2026-02-30',
            'Line 2: read_on "2026-02-30": a day like 2026-11-24.',
        ];
        yield 'local time' => [
            'reps,logged_at',
            '5,2026-11-24 18:42',
            'Line 2: logged_at "2026-11-24 18:42": an instant like 2026-11-24T18:42:00Z.',
        ];
        yield 'half a rep' => ['reps,drill', '4.5,hundred', 'Line 2: reps "4.5": a whole number from 0 to 9999.'];
        yield 'a control character' => ['name,stage', "a\x07b,mix", 'Line 2: name "a?b": text of 1 to 80 characters.'];
    }

    #[DataProvider('badJson')]
    public function testJsonIsHeldToItsForm(string $json, string $message): void
    {
        try {
            self::json($json);
            self::fail('it was read');
        } catch (UnreadableFile $e) {
            self::assertSame($message, $e->error->message);
        }
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badJson(): iterable
    {
        yield 'no JSON' => ['{', 'File: JSON "{": one object with format, version and tables.'];
        yield 'a list' => ['[1]', 'File: JSON "[1]": one object with format, version and tables.'];
        yield 'another format' => ['{"format": "gym", "version": 1}', 'File: format "gym": "zumbo".'];
        yield 'a later version' => ['{"format": "zumbo", "version": 2}', 'File: version "2": 1.'];
        yield 'an unknown table' => [
            '{"format": "zumbo", "version": 1, "shoes": []}',
            'File: table "shoes": one of settings, athletes, statures, cautions, cables, ropes, rack, given_ropes, attempts, '
                .'session_efforts, focuses, goes, stops, evenings, pins, attendance, evening_notes, gates, drills, workouts, paced_runs, '
                .'chosen_ways, trail.',
        ];
        yield 'no list' => ['{"format": "zumbo", "version": 1, "rack": 3}', 'File: rack "3": a list of rows.'];
        yield 'no format' => ['{"rack": []}', 'File: format is missing: "zumbo".'];
        yield 'broken off' => [
            '{"format": "zumbo", "version": 1, "rack": [{"tag": "R1"}, {"tag": "R',
            'After rack[0]: JSON "": "R1"}, {"tag": "R": one object with format, version and tables.',
        ];
        yield 'no comma' => [
            '{"format": "zumbo", "version": 1, "rack": [{"a": 1} {"b": 2}]}',
            'After rack[0]: JSON "{"a": 1} {"b": 2}]}": one object with format, version and tables.',
        ];
        yield 'more after it' => [
            '{"format": "zumbo", "version": 1} x',
            'After version: JSON "sion": 1} x": one object with format, version and tables.',
        ];
    }

    /** Cut wherever it may be: in a name, behind a backslash, in a number. */
    public function testJsonIsReadWhateverItsPieces(): void
    {
        $row = ['tag' => 'quote " brace } bracket ] back \\', 'n' => -12.5, 'list' => [1, ['a' => null]], 'é' => "\u{1F3CB}"];
        $json = '{"format":"zumbo","version":1,"rack":['.
            implode(",\n", array_fill(0, 3000, json_encode($row, \JSON_THROW_ON_ERROR))).
            ' ] }';
        $read = self::json("\u{FEFF}".$json);
        self::assertCount(3000, $read);
        foreach ($read as $one) {
            self::assertSame($row, $one instanceof IncomingRow ? $one->cells : $one->message);
        }
    }

    public function testAQuoteThatIsNeverClosedDoesNotSwallowTheFile(): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage('Line 2: length "over 1 MB": shorter lines; is a quote missing.');
        self::csv("id,tag\nx,\"R1\n".str_repeat("y,R2 and some more of it\n", 60_000));
    }

    /** One bad line does not hide the next. */
    public function testEveryLineWithAnotherNumberOfCellsIsTold(): void
    {
        $rows = self::csv("id,tag\na,b,c\n".self::ID.",R1\nx\n");
        self::assertSame(
            [
                'Line 2: cells "3": 2 cells, as in the header; is a quote missing.',
                'Line 4: cells "1": 2 cells, as in the header; is a quote missing.',
            ],
            array_values(
                array_map(
                    static fn (RowError $error): string => $error->message,
                    array_filter($rows, static fn (IncomingRow|RowError $row): bool => $row instanceof RowError),
                ),
            ),
        );
        $json = self::json('{"format": "zumbo", "version": 1, "rack": [3, {}]}');
        self::assertInstanceOf(RowError::class, $json[0]);
        self::assertSame('Rack[0]: row "3": an object.', $json[0]->message);
        self::assertInstanceOf(IncomingRow::class, $json[1]);
    }

    /**
     * @return list<IncomingRow|RowError>
     */
    private static function csv(string $content): array
    {
        return iterator_to_array(CsvReader::read(FileStream::of($content)), false);
    }

    /**
     * @return list<IncomingRow|RowError>
     */
    private static function json(string $content): array
    {
        return iterator_to_array(JsonReader::read(FileStream::of($content)), false);
    }

    private static function row(string $csv): IncomingRow
    {
        $row = self::csv($csv)[0];

        return $row instanceof IncomingRow ? $row : self::fail($row->message);
    }
}
