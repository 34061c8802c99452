<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Rhythm;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobCancelled;
use Zumbo\App\Platform\Job\JobCodec;
use Zumbo\App\Platform\Job\JobQueue;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Job\Progress;
use Zumbo\App\Platform\Live\LiveEvents;
use Zumbo\App\Rhythm\Sensor\Pace;
use Zumbo\App\Rhythm\Sensor\RunSensor;
use Zumbo\App\Rhythm\Sensor\SensorInput;
use Zumbo\App\Rhythm\Sensor\SensorTake;
use Zumbo\App\Tests\ApiTestCase;

final class SensorApiTest extends ApiTestCase
{
    public function testARunWaitsForItsOwnWorkerAndIsStopped(): void
    {
        $this->signInto();
        $id = self::id();
        $run = $this->send('PUT', '/api/sensor/'.$id, ['notation' => '2s d', 'seconds' => 5, 'seed' => 7]);
        $this->assertStatus(201);
        self::assertSame('waiting', $run['state']);
        $this->send('PUT', '/api/sensor/'.$id, ['notation' => '2s d', 'seconds' => 5, 'seed' => 7]);
        $this->assertStatus(200);
        for ($taken = self::service(JobQueue::class); null !== ($other = $taken->take());) {
            self::assertNotSame($id, $other->id->toRfc4122(), 'imports and recordings do not wait for real time');
        }
        $stopped = $this->send('DELETE', '/api/sensor/'.$id, null, self::change($run['version']));
        $this->assertStatus(200);
        self::assertSame('cancelled', $stopped['state']);
    }

    public function testAJobOfAnotherKindIsNoRun(): void
    {
        $this->signInto();
        $id = self::id();
        $import = $this->send('PUT', '/api/imports/'.$id, '{"format": "zumbo", "version": 1}');
        $this->assertStatus(201);
        $this->send('DELETE', '/api/sensor/'.$id, null, self::change($import['version']));
        $this->assertStatus(404);
    }

    /** A page that listens would wait for ever: nobody asks after a run. */
    public function testOneThatItsWorkersDiedOfTellsTheScreens(): void
    {
        $live = self::listening();
        (new RunSensor($live, self::service(Pace::class)))->discard(self::job(new SensorInput()), 'It gave up.');
        self::assertCount(1, $live->events);
        self::assertSame(
            ['01934f2e-7a4c-7cc0-98c4-dc0c0c0739ff', true, 'It gave up.'],
            [$live->events[0]['sensor'], $live->events[0]['over'], $live->events[0]['fault']],
        );
    }

    public function testBadInputNamesTheField(): void
    {
        $this->signInto();
        foreach (
            [
                [['notation' => '3s k'], 'at 4: "k"'],
                [['cadence' => 1], 'cadence'],
                [['fault' => 'flying'], 'fault'],
                [['seconds' => 9999], 'seconds'],
                [['jitter' => 2], 'jitter'],
            ] as [$body, $said]
        ) {
            $refused = $this->send('PUT', '/api/sensor/'.self::id(), $body);
            $this->assertStatus(422);
            self::assertStringContainsStringIgnoringCase($said, $refused['detail']);
        }
    }

    public function testWhatIsSentIsWhatIsMeasuredAndTheSameEachTime(): void
    {
        $input = new SensorInput('2s d', 110, 6, 0.02, 'none', 42);
        [$events, $waited, $take] = self::run_($input);
        $sent = static fn (string $which): array => array_merge(
            ...array_map(static fn (array $event): array => $event[$which], $events),
        );
        self::assertSame($input->take()->turnsS, $sent('turnsS'));
        self::assertSame($input->take()->landingsS, $sent('landingsS'));
        self::assertSame($take->turnsS, $sent('turnsS'));
        $landingsS = $take->landingsS;
        self::assertEqualsWithDelta(end($landingsS), $waited, 0.25, 'it takes as long as it says');
        $last = $events[\count($events) - 1];
        self::assertTrue($last['over']);
        self::assertSame(\count($landingsS) - 1, $last['jumps']);
        self::assertEqualsWithDelta(110, $last['cadencePerMin'], 3);
        self::assertEquals($events, self::run_($input)[0]);
    }

    public function testItStopsWhenCalledOff(): void
    {
        $this->expectException(JobCancelled::class);
        $steps = 0;
        self::run_(
            new SensorInput(seconds: 10),
            new Progress(static function () use (&$steps): bool {
                return ++$steps < 4;
            }),
        );
    }

    public function testEventFilesComeInAndGoOut(): void
    {
        $this->signInto();
        $csv = $this->raw('POST', '/api/takes/to-csv', ['turnsS' => [0.4, 1.1], 'landingsS' => [0.1, 0.7, 1.4]]);
        self::assertSame(
            "time_s,channel\r\n0.1000,land\r\n0.4000,turn\r\n0.7000,land\r\n1.1000,turn\r\n1.4000,land\r\n",
            $csv,
        );
        $take = $this->send('POST', '/api/takes/from-csv', $csv, ['Content-Type' => 'text/csv']);
        self::assertSame([0.4, 1.1], $take['turnsS']);
        $refused = $this->send('POST', '/api/takes/from-csv', "time_s,channel\n1,hop\n", [
            'Content-Type' => 'text/csv',
        ]);
        $this->assertStatus(422);
        self::assertSame('Line 2: "1,hop": seconds from 0, then turn or land, like 1.234,turn.', $refused['detail']);
    }

    public function testTheBeatAndAnExampleComeAsSound(): void
    {
        $this->signInto();
        foreach (
            ['/api/pattern/click.wav?notation=2s+d&rounds=2', '/api/takes/example.wav?seconds=3&fault=trip'] as $path
        ) {
            $bytes = $this->raw('GET', $path);
            self::assertSame('audio/wav', $this->response()->headers->get('Content-Type'));
            self::assertStringStartsWith('RIFF', $bytes);
        }
        $refused = $this->send('GET', '/api/pattern/click.wav?notation=900s&cadence=40&rounds=100');
        $this->assertStatus(422);
        self::assertStringContainsString('at most 10 minutes in all', $refused['detail']);
        $refused = $this->send('GET', '/api/pattern/click.wav?notation=3k');
        $this->assertStatus(422);
        self::assertStringContainsString('at 2: "k"', $refused['detail']);
    }

    /**
     * @return array{list<array<string, mixed>>, float, SensorTake} events, seconds waited, result
     */
    private static function run_(SensorInput $input, ?Progress $progress = null): array
    {
        $live = self::listening();
        $pace = new class implements Pace {
            public float $waited = 0.0;

            public function wait(float $seconds): void
            {
                $this->waited += $seconds;
            }
        };
        $outcome = (new RunSensor($live, $pace))->work(self::job($input), $progress ?? Progress::unseen());
        self::assertInstanceOf(SensorTake::class, $outcome->result);

        return [$live->events, $pace->waited, $outcome->result];
    }

    private static function job(SensorInput $input): Job
    {
        $id = Uuid::fromString('01934f2e-7a4c-7cc0-98c4-dc0c0c0739ff');
        $codec = self::service(JobCodec::class);
        $state = JobState::Reading;

        return new Job($codec, $id, $id, 'sensor', $state, $id, $codec->write($input), 0, 0, null, null, false, 1);
    }

    /**
     * @return LiveEvents&object{events: list<array<string, mixed>>} keeps what it is told
     */
    private static function listening(): LiveEvents
    {
        return new class implements LiveEvents {
            /** @var list<array<string, mixed>> */
            public array $events = [];

            public function happened(Uuid $gym, object $event): void
            {
                $this->events[] = get_object_vars($event);
            }
        };
    }

    /**
     * @param array<string, mixed>|null $body
     */
    private function raw(string $method, string $path, ?array $body = null): string
    {
        $this->browser->request(
            $method,
            $path,
            server: [
                'CONTENT_TYPE' => 'application/json',
                'HTTP_CSRF_TOKEN' => 'csrf-token',
                'HTTP_ORIGIN' => 'http://localhost',
            ],
            content: null === $body ? null : (string) json_encode($body),
        );
        self::assertSame(200, $this->response()->getStatusCode(), (string) $this->response()->getContent());

        return (string) $this->browser->getInternalResponse()->getContent();
    }
}
