<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Athletes;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Shared\Sheet\ReadSheet;
use Zumbo\App\Tests\ApiTestCase;

/**
 * A coach's own list comes in: as text, as CSV, as a spreadsheet.
 */
final class ListApiTest extends ApiTestCase
{
    private const FILES = __DIR__.'/files/';

    public function testAListIsLookedAtThenAddedOnce(): void
    {
        $this->signInto(role: Role::Coach);
        $list = "Name;Height;Born\nIlse Tannow;1,68 m;1994\nFemi;19;1988\nPriya;5'4\";2011\n";
        $seen = $this->look($list);
        self::assertSame('2 new athletes; one line needs a look', $seen['sentence']);
        self::assertSame(
            'Line 3, Femi: height 19: between 90 and 230 cm, or like 5\'3".',
            $seen['faults'][0]['sentence'],
        );
        self::assertSame([], $this->send('GET', '/api/athletes'), 'nothing is written yet');
        $id = self::id();
        $added = $this->add($id, $list);
        self::assertSame('Nobody new; 2 are here already; one line needs a look', $added['sentence']);
        $this->add($id, $list, status: 200);
        $this->add(self::id(), $list);
        $athletes = $this->send('GET', '/api/athletes');
        self::assertSame([['Ilse Tannow', 1.68, 1994], ['Priya', 1.6256, 2011]], array_map(
            static fn (array $one): array => [$one['name'], round($one['statureM'], 4), $one['birthYear']],
            $athletes,
        ));
        self::assertSame(['i', 'p'], array_column($this->send('GET', '/api/class')['athletes'], 'tag'));
        $this->send('PUT', '/api/athlete-lists/'.$id, "Name;Height\nBram;178", self::type(ReadSheet::TEXT));
        $this->assertStatus(409);
    }

    public function testColumnsAreMended(): void
    {
        $this->signInto();
        $list = "a;b;c\nTannow;Ilse;168\nAdarou;Femi;183";
        $seen = $this->look($list);
        self::assertSame(['first-name', 'last-name', 'height'], array_column($seen['columns'], 'meaning'));
        $mended = $this->look($list, '0:last-name,1:first-name,2:height');
        self::assertSame(['Ilse Tannow', 'Femi Adarou'], array_column($mended['athletes'], 'name'));
        self::assertSame('No column of heights is seen: say below which one it is.', $this->look($list, '0:name')['sentence']);
        $this->send('POST', '/api/athlete-lists?columns=name', $list, self::type(ReadSheet::TEXT));
        $this->assertProblem('columns');
    }

    /** Written by openpyxl and odfpy, see files/make.py. */
    #[DataProvider('spreadsheets')]
    public function testASpreadsheetIsReadAsItsProgramShowsIt(string $file, string $type): void
    {
        $this->signInto();
        $seen = $this->send('POST', '/api/athlete-lists', (string) file_get_contents(self::FILES.$file), self::type($type));
        $this->assertStatus(200);
        self::assertSame([['Ilse Tannow', 1.68, 1994], ['Lucía Ferrandiz', 1.635, 2011], ['Femi Adarou', 1.8288, null]], array_map(
            static fn (array $one): array => [$one['name'], $one['heightM'], $one['birthYear']],
            $seen['athletes'],
        ));
        self::assertSame([6, 'height'], [$seen['faults'][0]['line'], $seen['faults'][0]['field']]);
        self::assertSame(['Member', 'Date of birth', 'Height (cm)', 'Notes'], array_column($seen['columns'], 'heading'));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function spreadsheets(): iterable
    {
        yield 'xlsx' => ['class.xlsx', ReadSheet::XLSX];
        yield 'ods' => ['class.ods', ReadSheet::ODS];
    }

    /** RFC 4180, and what spreadsheet programs make of it. */
    #[DataProvider('encodings')]
    public function testTextComesInTheEncodingsOfSpreadsheetPrograms(string $bytes): void
    {
        $this->signInto();
        $seen = $this->send('POST', '/api/athlete-lists', $bytes, self::type(ReadSheet::CSV));
        self::assertSame(['Lucía "Lu" Ferrandiz'], array_column($seen['athletes'], 'name'));
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function encodings(): iterable
    {
        $rows = "Name,Height\r\n\"Lucía \"\"Lu\"\" Ferrandiz\",168\r\n";
        yield 'UTF-8' => [$rows];
        yield 'UTF-8 with a byte order mark' => ["\u{FEFF}".$rows];
        yield 'Windows-1252' => [(string) mb_convert_encoding($rows, 'Windows-1252', 'UTF-8')];
        yield 'UTF-16 with a byte order mark' => ["\xFF\xFE".mb_convert_encoding($rows, 'UTF-16LE', 'UTF-8')];
    }

    public function testWhatIsNoListIsRefusedInWords(): void
    {
        $this->signInto();
        foreach ([
            [422, 'nothing in it', '', ReadSheet::TEXT],
            [422, 'no spreadsheet that can be read', 'PK not a zip', ReadSheet::XLSX],
            [422, 'no spreadsheet that can be read', (string) file_get_contents(self::FILES.'make.py'), ReadSheet::ODS],
            [415, 'text, CSV, xlsx or ods', 'x', 'application/pdf'],
            [413, 'at most 5000', str_repeat("Ilse;168\n", 5001), ReadSheet::TEXT],
        ] as [$status, $says, $body, $type]) {
            $answer = $this->send('POST', '/api/athlete-lists', $body, self::type($type));
            $this->assertStatus($status);
            self::assertStringContainsString($says, $answer['detail']);
        }
    }

    /** A megabyte of the same letter packs into a kilobyte. */
    public function testASpreadsheetThatHoldsFarMoreThanItWeighsIsRefused(): void
    {
        $this->signInto();
        $path = (string) tempnam(sys_get_temp_dir(), 'zumbo');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        for ($i = 0; $i < 7; ++$i) {
            $zip->addFromString("xl/$i.xml", str_repeat('a', 10_000_000));
        }
        $zip->close();
        $this->send('POST', '/api/athlete-lists', (string) file_get_contents($path), self::type(ReadSheet::XLSX));
        unlink($path);
        $this->assertStatus(413);
    }

    /**
     * @return array<mixed>
     */
    private function look(string $list, ?string $columns = null): array
    {
        $query = null === $columns ? '' : '?columns='.$columns;
        $seen = $this->send('POST', '/api/athlete-lists'.$query, $list, self::type(ReadSheet::TEXT));
        $this->assertStatus(200);

        return $seen;
    }

    /**
     * @return array<mixed>
     */
    private function add(string $id, string $list, int $status = 201): array
    {
        $added = $this->send('PUT', '/api/athlete-lists/'.$id, $list, self::type(ReadSheet::TEXT));
        $this->assertStatus($status);

        return $added;
    }

    /**
     * @return array<string, string>
     */
    private static function type(string $type): array
    {
        return ['Content-Type' => $type];
    }
}
