<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\RopeDesk;

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
