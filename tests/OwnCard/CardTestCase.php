<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\OwnCard;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Tests\ApiTestCase;

/**
 * An athlete's phone beside the coach's device.
 */
abstract class CardTestCase extends ApiTestCase
{
    protected const SECRET = 'abcdefghijklmnopqrstuvwxyz';

    protected Uuid $gym;

    protected function setUp(): void
    {
        parent::setUp();
        $this->gym = $this->signInto();
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array{gym: string, card: string, secret: string} the link
     */
    protected function handOut(string $athlete, array $with = []): array
    {
        $card = self::id();
        $this->send('PUT', '/api/own-cards/'.$card, $with + ['athleteId' => $athlete, 'secret' => self::SECRET]);
        $this->assertStatus(200);

        return ['gym' => $this->gym->toRfc4122(), 'card' => $card, 'secret' => self::SECRET];
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    protected static function entry(array $with = []): array
    {
        return $with + [
            'id' => self::id(),
            'drill' => 'mix',
            'kind' => 'sum',
            'reps' => 20,
            'misses' => 2,
            'at' => gmdate('Y-m-d\TH:i:s\Z'),
        ];
    }

    /**
     * @param array<string, string> $link
     *
     * @return array<mixed>
     */
    protected function pain(array $link, string $place, int $degree): array
    {
        return $this->send('POST', '/api/card/pain', [
            'link' => $link,
            'id' => self::id(),
            'caution' => 'pain',
            'place' => $place,
            'degree' => $degree,
            'at' => gmdate('Y-m-d\TH:i:s\Z'),
        ]);
    }

    /**
     * @param array<string, string> $link
     *
     * @return array<mixed>
     */
    protected function card(array $link): array
    {
        return $this->send('POST', '/api/card', $link);
    }
}
