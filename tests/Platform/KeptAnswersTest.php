<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\Lock\LockFactory;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Api\KeptAnswer;
use Zumbo\App\Tests\ApiTestCase;

/**
 * What screens ask for all evening is worked out once, sent once, and never to somebody it is not for.
 */
final class KeptAnswersTest extends ApiTestCase
{
    #[DataProvider('routes')]
    public function testItIsSentAgainOnlyAfterAWrite(string $route): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        [$route, $tag] = $this->first($route, $id);
        $this->send('GET', $route, null, ['If-None-Match' => $tag]);
        self::assertSame([304, ''], [$this->response()->getStatusCode(), $this->body()]);
        $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['name' => 'Renamed Tannow']), self::change(1));
        $this->send('GET', $route, null, ['If-None-Match' => $tag]);
        $this->assertStatus(200);
    }

    /** A helper is not shown what a coach may read of somebody's health. */
    #[DataProvider('routesOfPeople')]
    public function testWhatACoachIsShownIsNotSentToAHelper(string $route): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['cautions' => ['red-flag']]));
        [$route, $tag] = $this->first($route, $id);
        $before = $this->body();
        $this->signInto($gym, Role::Helper);
        $this->send('GET', $route, null, ['If-None-Match' => $tag]);
        $this->assertStatus(200);
        self::assertNotSame($before, $this->body());
    }

    #[DataProvider('routes')]
    public function testAnotherGymIsAnsweredOfItself(string $route): void
    {
        $this->signInto();
        [$route, $tag] = $this->first($route, $this->newAthlete());
        $this->signInto();
        $this->send('GET', $route, null, ['If-None-Match' => $tag]);
        self::assertContains($this->response()->getStatusCode(), [200, 404]);
        self::assertStringNotContainsString('Ilse', $this->body());
    }

    /** However long a log is, its screens ask the same few questions; asked again, only whose it is and what was written last. */
    #[DataProvider('routes')]
    public function testTheQueriesDoNotGrowWithTheLog(string $route): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $route = str_replace('{id}', $id, $route);
        for ($i = 0; $i < 8; ++$i) {
            $this->log($id);
        }
        $few = $this->queriesOf($route);
        for ($i = 0; $i < 30; ++$i) {
            $this->log($id);
        }
        self::assertSame($few, $this->queriesOf($route));
        self::assertLessThanOrEqual(3, $this->queriesOf($route), 'asked again');
    }

    private function log(string $athlete): void
    {
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $athlete,
            'drill' => 'hundred',
            'kind' => 'streak',
            'reps' => 9,
            'end' => 'miss',
        ]);
        $this->assertStatus(201);
    }

    /** Screens of a busy class must not stand in line, nor make a write wait: they get the answer before, and ask again. */
    public function testAScreenThatAsksAgainGetsTheAnswerBeforeWhileTheNextIsNotWorkedOut(): void
    {
        $this->signInto();
        $lag = ['Zumbo-May-Lag' => '1'];
        $first = $this->send('GET', '/api/class', null, $lag);
        $nobody = $this->body();
        $tag = (string) $this->response()->headers->get('ETag');
        $this->newAthlete();
        $lock = self::service(LockFactory::class)->createLock($this->slotOf('class owner'));
        self::assertTrue($lock->acquire(), 'another is at it');
        self::assertSame($first['revision'], $this->send('GET', '/api/class', null, $lag)['revision']);
        self::assertSame($tag, $this->response()->headers->get('ETag'));
        $this->send('GET', '/api/class', null, $lag + ['If-None-Match' => $tag]);
        $this->assertStatus(304);
        $lock->release();
        self::assertCount(1, $this->send('GET', '/api/class')['athletes']);
        // It took a second, and ended just now: there is a rest before the next.
        $cache = self::getContainer()->get('cache.app');
        self::assertInstanceOf(CacheItemPoolInterface::class, $cache);
        $before = new KeptAnswer('before', $nobody, microtime(true), 1.0);
        $cache->save($cache->getItem($this->slotOf('class owner'))->set($before));
        self::assertCount(0, $this->send('GET', '/api/class', null, $lag)['athletes']);
        self::assertCount(1, $this->send('GET', '/api/class')['athletes'], 'who does not say so is told what is');
        self::assertCount(1, $this->send('GET', '/api/class', null, $lag)['athletes']);
    }

    private function slotOf(string $name): string
    {
        $gym = self::connection()->fetchOne('SELECT gym_id FROM athlete ORDER BY created_at DESC, id DESC LIMIT 1');

        return 'answer.'.bin2hex(\is_string($gym) ? $gym : '').'.'.hash('xxh128', $name);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function routes(): iterable
    {
        yield from self::routesOfPeople();
        yield '/api/rack' => ['/api/rack'];
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function routesOfPeople(): iterable
    {
        foreach (['/api/class', '/api/athletes', '/api/athletes/{id}', '/api/athletes/{id}/today'] as $route) {
            yield $route => [$route];
        }
    }

    /**
     * @return array{string, string} the route, and the tag of its answer
     */
    private function first(string $route, string $athlete): array
    {
        $route = str_replace('{id}', $athlete, $route);
        $this->send('GET', $route);
        $this->assertStatus(200);

        return [$route, (string) $this->response()->headers->get('ETag')];
    }
}
