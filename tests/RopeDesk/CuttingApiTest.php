<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\RopeDesk;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;

final class CuttingApiTest extends ApiTestCase
{
    public function testWhoeverHasNoRopeIsCutOneFromTheFewestCoils(): void
    {
        $this->signInto();
        foreach (['Ilse', 'Bram', 'Noor'] as $name) {
            $this->send('PUT', '/api/athletes/'.($id = self::id()), self::athlete(['name' => $name]));
            $this->knowHandles($id);
        }
        // 244.36 cm of cable, 5 cm spare and 2 cm inside the handle on each side; a cut takes 2 mm and is not left over
        $sheet = $this->send('GET', '/api/cut-sheet?stock=5.2%20m');
        $this->assertStatus(200);
        [$list] = $sheet['lists'];
        self::assertSame('thick-cord', $list['family']);
        self::assertCount(2, $list['bars'], 'two of 258 cm and a cut go into 520 cm');
        self::assertEqualsWithDelta(2.5836, $list['bars'][0]['pieces'][0]['cutLengthM'], 1e-9);
        self::assertTrue($list['proven']);
        self::assertSame(
            'Pieces: 3. Cut from 2 of 5.20 m, and no way needs fewer; 2.64 m is left over.',
            $list['verdict']['sentence'],
        );
        self::assertEqualsWithDelta(2 * 5.2 - 3 * 2.5836, $list['wasteM'], 1e-9);
        self::assertEqualsWithDelta(5.2 - 2 * 2.5836 - 2 * 0.002, $list['bars'][0]['offcutM'], 1e-9);
    }

    public function testCoilsAndPreCutCablesServeTogetherAndAreNamed(): void
    {
        $this->signInto();
        foreach (['Ilse', 'Bram', 'Noor'] as $name) {
            $this->send('PUT', '/api/athletes/'.($id = self::id()), self::athlete(['name' => $name]));
            $this->knowHandles($id);
        }
        $sheet = $this->send('GET', '/api/cut-sheet?stock='.urlencode('5.2 m x 1, 2.75 m x 4'));
        $this->assertStatus(200);
        self::assertSame('5.2 m x 1, 2.75 m x 4', $sheet['stock']);
        [$list] = $sheet['lists'];
        self::assertSame([5.2, 2.75], array_column($list['bars'], 'stockM'));
        self::assertSame(
            'Pieces: 3. Cut from 1 of 5.20 m and 1 of 2.75 m, and no way needs fewer; 0.19 m is left over.',
            $list['verdict']['sentence'],
        );
    }

    public function testARopeThatIsKeptIsCutAsItIsEachFamilyFromItsOwnCoil(): void
    {
        $this->signInto();
        $ilse = $this->newAthlete();
        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $ilse,
            'school' => 'chest',
            'stance' => null,
            'handle' => '15',
            'family' => 'medium-cord',
        ]);
        $bram = self::id();
        $this->send('PUT', '/api/athletes/'.$bram, self::athlete(['name' => 'Bram']));
        $open = $this->send('GET', '/api/cut-sheet');
        self::assertSame([[], ['Bram']], [$open['lists'], $open['handlesUnknown']], 'nothing takes 15 cm for granted');
        $this->knowHandles($bram);
        self::assertSame(
            [['Bram']],
            $this->names($this->send('GET', '/api/cut-sheet')),
            'who has a rope is not asked for',
        );
        $sheet = $this->send('GET', "/api/cut-sheet?athletes=$ilse,$bram&spare=1%20cm&kerf=0%20cm");
        self::assertSame([['Ilse Tannow'], ['Bram']], $this->names($sheet));
        $piece = $sheet['lists'][0]['bars'][0]['pieces'][0];
        self::assertSame(['medium-cord', true], [$piece['family'], $piece['ofKeptRope']]);
        self::assertEqualsWithDelta($piece['cableLengthM'] + 0.06, $piece['cutLengthM'], 1e-9);
    }

    public function testNobodyToCutForIsAnEmptySheet(): void
    {
        $this->signInto();
        self::assertSame([], $this->send('GET', '/api/cut-sheet')['lists']);
    }

    #[DataProvider('badSheets')]
    public function testABadSheetIsNamed(string $query, string $field): void
    {
        $this->signInto();
        $this->knowHandles($this->newAthlete());
        $this->send('GET', '/api/cut-sheet?'.$query);
        $this->assertProblem($field);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badSheets(): iterable
    {
        yield 'a stock shorter than the cable' => ['stock=2%20m', 'stock'];
        yield 'too few coils' => ['stock='.urlencode('2 m x 1, 2.2 m x 1'), 'stock'];
        yield 'five lengths' => ['stock='.urlencode('30 m, 20 m, 10 m, 5 m, 3 m'), 'stock'];
        yield 'a negative stock' => ['stock=-30%20m', 'stock'];
        yield 'a negative spare' => ['spare=-5%20cm', 'spare'];
        yield 'a cut as wide as a hand' => ['kerf=9%20cm', 'kerf'];
        yield 'a stranger' => ['athletes=nobody', 'athletes'];
    }

    /**
     * @param array<mixed> $sheet
     *
     * @return array<mixed> names by list
     */
    private function names(array $sheet): array
    {
        return array_map(
            static fn (array $list): array => array_merge(
                ...array_map(static fn (array $bar): array => array_column($bar['pieces'], 'name'), $list['bars']),
            ),
            $sheet['lists'],
        );
    }
}
