<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\RopeDesk;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Tests\ApiTestCase;

final class OrderListTest extends ApiTestCase
{
    public function testItNamesWhatAthletesAndTheRackNeedAndWhy(): void
    {
        $this->signInto();
        self::assertSame([], $this->lines());

        $ilse = $this->newAthlete();
        $lines = $this->lines();
        self::assertSame(
            [['rope', 'Ilse'], ['shared-rope', 'Rack']],
            array_map(static fn (array $line): array => [$line['what'], explode(' ', $line['for'])[0]], $lines),
            'she has no rope, and the rack has none for her',
        );
        self::assertNull($lines[0]['cableLengthM'], 'nobody has measured the handles');
        self::assertGreaterThan(2.6, $lines[0]['overallLengthM']);
        self::assertStringContainsString('handles', $lines[0]['why']['sentence']);
        self::assertStringContainsString('Ilse', $lines[1]['why']['sentence']);

        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $ilse,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        $this->assertStatus(201);
        self::assertSame([], $this->lines(), 'a sound rope that fits needs nothing');
    }

    public function testARopeOfTheRackThatFailedIsOnIt(): void
    {
        $this->signInto();
        $rope = self::id();
        $this->send('PUT', '/api/rack/'.$rope, ['tag' => 'R7', 'cable' => '244', 'family' => 'thick-cord', 'handle' => '15']);
        $this->assertStatus(201);
        $this->send('POST', "/api/rack/$rope/inspection", ['failed' => ['no-kinks']], self::change(1));
        $line = $this->lines()[0];
        self::assertSame(
            ['R7', 2.44, 'R7 failed its inspection: mend it, or buy another.'],
            [$line['for'], $line['cableLengthM'], $line['why']['sentence']],
        );
    }

    public function testHandlesAreOrderedAloneWhereTheyAloneFail(): void
    {
        $this->signInto();
        $rope = self::id();
        $this->send('PUT', '/api/rack/'.$rope, ['tag' => 'R3', 'cable' => '251', 'family' => 'thin-wire', 'handle' => '15']);
        $this->assertStatus(201);
        $this->send('POST', "/api/rack/$rope/inspection", ['failed' => ['bearing-spins', 'screws-tight']], self::change(1));
        $line = $this->lines()[0];
        self::assertSame(['handles', 'R3', null, null], [$line['what'], $line['for'], $line['cableLengthM'], $line['care']]);
        self::assertStringContainsString('the cable of 251 cm stays', $line['why']['sentence']);

        $this->send('POST', "/api/rack/$rope/inspection", ['failed' => ['bearing-spins', 'no-strands']], self::change(2));
        $line = $this->lines()[0];
        self::assertSame(['shared-rope', 2.51], [$line['what'], $line['cableLengthM']], 'its cable fails too');
        self::assertSame('With covered shins only: it hurts when it hits.', $line['care']['sentence']);
    }

    public function testAnAthletesOwnRopeGetsHandlesOrACableOfTheKindItHas(): void
    {
        $this->signInto();
        $ilse = $this->newAthlete();
        self::connection()->update('athlete', ['stage' => 'hold'], ['id' => Uuid::fromString($ilse)->toBinary()]);
        $this->send('PUT', '/api/ropes/'.$rope = self::id(), [
            'athleteId' => $ilse,
            'school' => 'chest',
            'stance' => null,
            'handle' => '13',
            'family' => 'thin-wire',
        ]);
        $this->assertStatus(201);
        $this->send('POST', "/api/ropes/$rope/inspection", ['failed' => ['screws-tight']], self::change(1));
        self::assertSame(['handles', 'Ilse Tannow'], [$this->lines()[0]['what'], $this->lines()[0]['for']]);
        $this->send('POST', "/api/ropes/$rope/inspection", ['failed' => ['no-strands']], self::change(2));
        $line = $this->lines()[0];
        self::assertSame(['cable', 'Bare or thinly coated wire (1.5–1.8 mm)'], [$line['what'], $line['familyName']]);
        self::assertNotNull($line['care']);
    }

    public function testAnotherGymsNeedsAreNotSeen(): void
    {
        $this->signInto();
        $this->newAthlete();
        $this->signInto();
        self::assertSame([], $this->lines());
    }

    /**
     * @phpstan-impure
     *
     * @return array<mixed>
     */
    private function lines(): array
    {
        return $this->send('GET', '/api/order-list')['lines'];
    }
}
