<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

/**
 * Walks over every route there is, so that a new one can't be forgotten: what it does without a session, for each role,
 * and with the id of another gym's row.
 */
final class AuthorisationTest extends ApiTestCase
{
    /** May be called by anybody; everything else must ask for a role. */
    private const OPEN = [
        '/api/health',
        '/api/ready',
        '/api/me',
        '/api/sign-in',
        '/api/sign-out',
        '/api/welcome',
        '/api/first-gym/{id}',
        '/api/way-in',
        '/api/join',
        '/api/reset',
        '/api/time',
        '/api/class-link',
        '/api/card',
        '/api/card/entries',
        '/api/card/entries/{id}/take-back',
        '/api/card/effort',
        '/api/card/pain',
        '/api/card/statement',
        '/api/calendars/{gym}/{id}/{secret}.ics',
    ];

    private const RANK = [
        'ROLE_HELPER' => [Role::Helper, Role::Coach, Role::Owner],
        'ROLE_COACH' => [Role::Coach, Role::Owner],
        'ROLE_OWNER' => [Role::Owner],
    ];

    private const RACK_ROPE = ['tag' => 'R1', 'cable' => '244', 'handle' => '15', 'family' => 'thick-cord'];

    /** What each route is meant to ask for; a new route has to be entered here. */
    private const MEANT = [
        'DELETE /api/asides/{id}' => 'ROLE_COACH',
        'DELETE /api/athletes/{id}' => 'ROLE_COACH',
        'DELETE /api/attempts/{id}' => 'ROLE_HELPER',
        'DELETE /api/cables/{id}' => 'ROLE_COACH',
        'DELETE /api/calendar-links/{id}' => 'ROLE_COACH',
        'DELETE /api/chosen-ways/{id}' => 'ROLE_COACH',
        'DELETE /api/class-clock/{id}' => 'ROLE_HELPER',
        'DELETE /api/drills/{id}' => 'ROLE_COACH',
        'DELETE /api/entry-lists/{id}' => 'ROLE_COACH',
        'DELETE /api/focuses/{id}' => 'ROLE_COACH',
        'DELETE /api/gates/{id}' => 'ROLE_COACH',
        'DELETE /api/goes/{id}' => 'ROLE_HELPER',
        'DELETE /api/imports/{id}' => 'ROLE_OWNER',
        'DELETE /api/links/{id}' => 'ROLE_OWNER',
        'DELETE /api/notes/{id}' => 'ROLE_COACH',
        'DELETE /api/own-cards/{id}' => 'ROLE_COACH',
        'DELETE /api/paced-runs/{id}' => 'ROLE_HELPER',
        'DELETE /api/people/{id}' => 'ROLE_OWNER',
        'DELETE /api/pins/{id}' => 'ROLE_COACH',
        'DELETE /api/practice/{id}' => 'ROLE_COACH',
        'DELETE /api/rack/{id}' => 'ROLE_COACH',
        'DELETE /api/recordings/{id}' => 'ROLE_HELPER',
        'DELETE /api/ropes/{id}' => 'ROLE_COACH',
        'DELETE /api/ropes/{id}/tails' => 'ROLE_COACH',
        'DELETE /api/sensor/{id}' => 'ROLE_HELPER',
        'DELETE /api/session-efforts/{id}' => 'ROLE_COACH',
        'DELETE /api/sessions/{id}' => 'ROLE_HELPER',
        'DELETE /api/stops/{id}' => 'ROLE_HELPER',
        'DELETE /api/workouts/{id}' => 'ROLE_COACH',
        'GET /api/athlete-terms' => 'ROLE_HELPER',
        'GET /api/athletes' => 'ROLE_HELPER',
        'GET /api/athletes/archive' => 'ROLE_COACH',
        'GET /api/athletes/{id}' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/arc' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/cables' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/calendar.ics' => 'ROLE_COACH',
        'GET /api/athletes/{id}/cards' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/cautions' => 'ROLE_COACH',
        'GET /api/athletes/{id}/diagnosis' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/each-minute' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/feet' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/fit' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/intervals' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/judgement' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/jump-explorer' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/ladder' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/ladder/fit' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/own-cards' => 'ROLE_COACH',
        'GET /api/athletes/{id}/pacing' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/path' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/practice' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/routine' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/sizing' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/story' => 'ROLE_COACH',
        'GET /api/athletes/{id}/today' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/trim' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/weeks' => 'ROLE_COACH',
        'GET /api/attempts/{id}' => 'ROLE_HELPER',
        'GET /api/attempts/{id}/history' => 'ROLE_HELPER',
        'GET /api/calendar-links' => 'ROLE_COACH',
        'GET /api/calendar.ics' => 'ROLE_COACH',
        'GET /api/changes' => 'ROLE_HELPER',
        'GET /api/class' => 'ROLE_HELPER',
        'GET /api/class-after' => 'ROLE_COACH',
        'GET /api/class-after/csv' => 'ROLE_COACH',
        'GET /api/class-clock' => 'ROLE_HELPER',
        'GET /api/class-pacing' => 'ROLE_HELPER',
        'GET /api/class-pacing/csv' => 'ROLE_HELPER',
        'GET /api/class-story' => 'ROLE_COACH',
        'GET /api/cut-sheet' => 'ROLE_HELPER',
        'GET /api/drills' => 'ROLE_HELPER',
        'GET /api/entries' => 'ROLE_HELPER',
        'GET /api/entries/csv' => 'ROLE_HELPER',
        'GET /api/export.json' => 'ROLE_COACH',
        'GET /api/export.zip' => 'ROLE_COACH',
        'GET /api/export/{id}.html' => 'ROLE_COACH',
        'GET /api/export/{table}.csv' => 'ROLE_COACH',
        'GET /api/first-ropes' => 'ROLE_HELPER',
        'GET /api/floor' => 'ROLE_HELPER',
        'GET /api/focuses/{id}' => 'ROLE_HELPER',
        'GET /api/frames' => 'ROLE_HELPER',
        'GET /api/gates' => 'ROLE_HELPER',
        'GET /api/goes/{id}' => 'ROLE_HELPER',
        'GET /api/gym/ways' => 'ROLE_HELPER',
        'GET /api/imports/{id}' => 'ROLE_OWNER',
        'GET /api/live' => 'ROLE_HELPER',
        'GET /api/me/sessions' => 'ROLE_HELPER',
        'GET /api/notes' => 'ROLE_COACH',
        'GET /api/openapi.json' => 'ROLE_HELPER',
        'GET /api/order-list' => 'ROLE_HELPER',
        'GET /api/paced-runs' => 'ROLE_HELPER',
        'GET /api/pattern' => 'ROLE_HELPER',
        'GET /api/pattern/click.wav' => 'ROLE_HELPER',
        'GET /api/people' => 'ROLE_OWNER',
        'GET /api/practice' => 'ROLE_HELPER',
        'GET /api/questions' => 'ROLE_COACH',
        'GET /api/questions/{question}' => 'ROLE_COACH',
        'GET /api/rack' => 'ROLE_HELPER',
        'GET /api/rack/strip' => 'ROLE_HELPER',
        'GET /api/rack/tonight' => 'ROLE_HELPER',
        'GET /api/recordings/{id}' => 'ROLE_HELPER',
        'GET /api/recordings/{id}/sound.wav' => 'ROLE_HELPER',
        'GET /api/relay' => 'ROLE_HELPER',
        'GET /api/rope-terms' => 'ROLE_HELPER',
        'GET /api/ropes/{id}' => 'ROLE_HELPER',
        'GET /api/sensor/{id}' => 'ROLE_HELPER',
        'GET /api/shared-ropes' => 'ROLE_HELPER',
        'GET /api/signs' => 'ROLE_HELPER',
        'GET /api/takes/example.wav' => 'ROLE_HELPER',
        'GET /api/trail' => 'ROLE_OWNER',
        'GET /api/weeks' => 'ROLE_COACH',
        'GET /api/workouts' => 'ROLE_HELPER',
        'GET /api/workouts/read' => 'ROLE_HELPER',
        'PATCH /api/athletes/{id}' => 'ROLE_COACH',
        'PATCH /api/athletes/{id}/measures' => 'ROLE_COACH',
        'PATCH /api/athletes/{id}/stage' => 'ROLE_COACH',
        'PATCH /api/athletes/{id}/ways' => 'ROLE_COACH',
        'PATCH /api/attempts/{id}' => 'ROLE_HELPER',
        'PATCH /api/class-clock/{id}' => 'ROLE_HELPER',
        'PATCH /api/drills/{id}' => 'ROLE_COACH',
        'PATCH /api/gym' => 'ROLE_OWNER',
        'PATCH /api/gym/ways' => 'ROLE_OWNER',
        'PATCH /api/notes/{id}' => 'ROLE_COACH',
        'PATCH /api/people/{id}' => 'ROLE_OWNER',
        'PATCH /api/pins/{id}' => 'ROLE_COACH',
        'PATCH /api/practice/{id}' => 'ROLE_COACH',
        'PATCH /api/rack/{id}' => 'ROLE_COACH',
        'PATCH /api/workouts/{id}' => 'ROLE_COACH',
        'POST /api/asides/{id}/keep' => 'ROLE_COACH',
        'POST /api/athlete-lists' => 'ROLE_COACH',
        'POST /api/athletes/{id}/erase' => 'ROLE_OWNER',
        'POST /api/athletes/{id}/restore' => 'ROLE_COACH',
        'POST /api/attempts/{id}/keep' => 'ROLE_HELPER',
        'POST /api/attempts/{id}/move' => 'ROLE_HELPER',
        'POST /api/attempts/{id}/restore' => 'ROLE_HELPER',
        'POST /api/cables/{id}/restore' => 'ROLE_COACH',
        'POST /api/calc/{name}' => 'ROLE_HELPER',
        'POST /api/cautions/{id}/clear' => 'ROLE_COACH',
        'POST /api/cautions/{id}/statement' => 'ROLE_COACH',
        'POST /api/class-clock/{id}/moves' => 'ROLE_HELPER',
        'POST /api/class-times' => 'ROLE_COACH',
        'POST /api/drills/{id}/restore' => 'ROLE_COACH',
        'POST /api/entry-lists' => 'ROLE_COACH',
        'POST /api/focuses/{id}/restore' => 'ROLE_COACH',
        'POST /api/gates/{id}/restore' => 'ROLE_COACH',
        'POST /api/goes/{id}/restore' => 'ROLE_HELPER',
        'POST /api/guests/{id}/join' => 'ROLE_COACH',
        'POST /api/imports/{id}/agree' => 'ROLE_OWNER',
        'POST /api/me/password' => 'ROLE_HELPER',
        'POST /api/notes/{id}/restore' => 'ROLE_COACH',
        'POST /api/paced-runs/{id}/restore' => 'ROLE_HELPER',
        'POST /api/pins/{id}/restore' => 'ROLE_COACH',
        'POST /api/rack/{id}/inspection' => 'ROLE_HELPER',
        'POST /api/rack/{id}/restore' => 'ROLE_COACH',
        'POST /api/ropes/{id}/inspection' => 'ROLE_HELPER',
        'POST /api/ropes/{id}/restore' => 'ROLE_COACH',
        'POST /api/ropes/{id}/tails/restore' => 'ROLE_COACH',
        'POST /api/session-efforts/{id}/restore' => 'ROLE_COACH',
        'POST /api/takes/from-csv' => 'ROLE_HELPER',
        'POST /api/takes/read' => 'ROLE_HELPER',
        'POST /api/takes/to-csv' => 'ROLE_HELPER',
        'POST /api/workouts/{id}/restore' => 'ROLE_COACH',
        'PUT /api/athlete-lists/{id}' => 'ROLE_COACH',
        'PUT /api/athletes/{id}' => 'ROLE_COACH',
        'PUT /api/attempts/{id}' => 'ROLE_HELPER',
        'PUT /api/attendance/{id}' => 'ROLE_COACH',
        'PUT /api/cables/{id}' => 'ROLE_COACH',
        'PUT /api/calendar-links/{id}' => 'ROLE_COACH',
        'PUT /api/cautions/{id}' => 'ROLE_HELPER',
        'PUT /api/chosen-ways/{id}' => 'ROLE_COACH',
        'PUT /api/class-after/{id}' => 'ROLE_COACH',
        'PUT /api/class-clock/{id}' => 'ROLE_HELPER',
        'PUT /api/drills/{id}' => 'ROLE_COACH',
        'PUT /api/entry-lists/{id}' => 'ROLE_COACH',
        'PUT /api/first-ropes/{id}' => 'ROLE_COACH',
        'PUT /api/floor/arrangements/{id}' => 'ROLE_HELPER',
        'PUT /api/floor/{id}' => 'ROLE_HELPER',
        'PUT /api/focuses/{id}' => 'ROLE_COACH',
        'PUT /api/gates/{id}' => 'ROLE_COACH',
        'PUT /api/goes/{id}' => 'ROLE_HELPER',
        'PUT /api/guests/{id}' => 'ROLE_COACH',
        'PUT /api/imports/{id}' => 'ROLE_OWNER',
        'PUT /api/invitations/{id}' => 'ROLE_OWNER',
        'PUT /api/nights/{id}' => 'ROLE_HELPER',
        'PUT /api/notes/{id}' => 'ROLE_COACH',
        'PUT /api/own-cards/{id}' => 'ROLE_COACH',
        'PUT /api/paced-runs/{id}' => 'ROLE_HELPER',
        'PUT /api/pins/{id}' => 'ROLE_COACH',
        'PUT /api/placements/{id}' => 'ROLE_COACH',
        'PUT /api/practice/{id}' => 'ROLE_COACH',
        'PUT /api/rack/{id}' => 'ROLE_COACH',
        'PUT /api/recordings/{id}' => 'ROLE_HELPER',
        'PUT /api/resets/{id}' => 'ROLE_OWNER',
        'PUT /api/ropes/{id}' => 'ROLE_COACH',
        'PUT /api/sensor/{id}' => 'ROLE_HELPER',
        'PUT /api/session-efforts/{id}' => 'ROLE_COACH',
        'PUT /api/stops/{id}' => 'ROLE_HELPER',
        'PUT /api/trims/{id}' => 'ROLE_COACH',
        'PUT /api/weeks/{id}' => 'ROLE_COACH',
        'PUT /api/workouts/{id}' => 'ROLE_COACH',
    ];

    public function testEveryRouteAsksForTheRoleItIsMeantTo(): void
    {
        $asked = [];
        foreach ($this->routes() as [$method, $path, $needed]) {
            $asked["$method $path"] = $needed;
        }
        ksort($asked);
        self::assertSame(self::MEANT, $asked);
    }

    public function testWithoutASessionEveryRouteButTheOpenOnesAnswers401(): void
    {
        foreach ($this->routes() as [$method, $path]) {
            $this->send(
                $method,
                str_replace(['{id}', '{name}', '{table}', '{question}'], [self::id(), 'rope', 'ropes', 'stuck'], $path),
                [],
                self::change(1),
            );
            $this->assertStatus(401);
        }
    }

    public function testEveryRouteAsksForARoleAndNoLesserOneGetsIn(): void
    {
        foreach (Role::cases() as $role) {
            $this->signInto(role: $role);
            foreach ($this->routes() as [$method, $path, $needed]) {
                self::assertArrayHasKey($needed, self::RANK, "$method $path names no role");
                $this->send(
                    $method,
                    str_replace(['{id}', '{name}', '{table}', '{question}'], [self::id(), 'rope', 'ropes', 'stuck'], $path),
                    [],
                    self::change(1),
                );
                $allowed = \in_array($role, self::RANK[$needed], true);
                self::assertSame(
                    !$allowed,
                    403 === $this->response()->getStatusCode(),
                    "{$role->value}: $method $path answered {$this->response()->getStatusCode()}",
                );
                self::assertLessThan(500, $this->response()->getStatusCode());
            }
        }
    }

    public function testAnotherGymsRowsAreUnknownOnEveryRoute(): void
    {
        $gym = $this->signInto();
        $athlete = $this->newAthlete();
        $rope = self::id();
        $this->send('PUT', '/api/ropes/'.$rope, [
            'athleteId' => $athlete,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        $this->assertStatus(201);
        $attempt = self::id();
        $this->send('PUT', '/api/attempts/'.$attempt, [
            'athleteId' => $athlete,
            'drill' => 'fifty-calm',
            'kind' => 'streak',
            'reps' => 23,
            'end' => 'miss',
        ]);
        $this->assertStatus(201);
        $focus = self::id();
        $this->send('PUT', '/api/focuses/'.$focus, ['athleteId' => $athlete, 'fault' => 'hands-wide']);
        $this->assertStatus(201);
        $go = self::id();
        $this->send('PUT', '/api/goes/'.$go, ['focusId' => $focus, 'outcome' => 'better']);
        $this->assertStatus(201);
        $note = self::id();
        $this->send('PUT', '/api/notes/'.$note, ['text' => 'new mats']);
        $this->assertStatus(201);
        [$gate, $drill] = [self::id(), self::id()];
        $this->send('PUT', '/api/gates/'.$gate, ['stage' => 'link', 'deed' => 'waived', 'reason' => 'came so', 'athleteId' => $athlete]);
        $this->assertStatus(201);
        $this->send('PUT', '/api/drills/'.$drill, ['title' => 'Ours', 'stage' => 'link', 'notation' => '5d']);
        $this->assertStatus(201);
        $import = self::id();
        $this->send('PUT', '/api/imports/'.$import, '{"format": "zumbo", "version": 1}');
        $this->assertStatus(201);
        [$recording, $run] = [self::id(), self::id()];
        $this->send(
            'PUT',
            '/api/recordings/'.$recording,
            (string) file_get_contents(\dirname(__DIR__, 2).'/core/tests/Sound/files/s16-8000-1.wav'),
            ['Content-Type' => 'audio/wav'],
        );
        $this->assertStatus(201);
        $this->send('PUT', '/api/sensor/'.$run, []);
        $this->assertStatus(201);
        [$cable, $shared, $pin] = [self::id(), self::id(), self::id()];
        $this->send('PUT', '/api/cables/'.$cable, [
            'name' => 'blue',
            'diameterMm' => 2.5,
            'piece' => '1 m',
            'grams' => 12,
        ]);
        $this->assertStatus(201);
        $this->send('PUT', '/api/rack/'.$shared, self::RACK_ROPE);
        $this->assertStatus(201);
        $this->send('PUT', '/api/pins/'.$pin, ['athleteId' => $athlete, 'rackRopeId' => $shared]);
        $this->assertStatus(201);
        [$caution, $stop] = [self::id(), self::id()];
        $this->send('PUT', '/api/cautions/'.$caution, [
            'athleteId' => $athlete,
            'caution' => 'pain',
            'place' => 'knee',
            'degree' => 3,
        ]);
        $this->assertStatus(201);
        $this->send('PUT', '/api/stops/'.$stop, ['athleteId' => $athlete, 'why' => 'temper']);
        $this->assertStatus(201);
        [$link, $session] = [self::id(), self::id()];
        $this->send('PUT', '/api/invitations/'.$link, ['role' => 'coach', 'name' => '', 'secret' => str_repeat('s', 22)]);
        $this->assertStatus(201);
        $person = $this->send('GET', '/api/people')['people'][0]['id'];
        $this->openSession($gym, $person, $session);
        $clock = self::id();
        $secret = str_repeat('c', 22);
        $programmes = [['title' => 'All', 'text' => '20/10 x8']];
        $this->send('PUT', '/api/class-clock/'.$clock, ['programmes' => $programmes, 'linkSecret' => $secret]);
        $this->assertStatus(201);
        $practice = self::id();
        $this->send('PUT', '/api/practice/'.$practice, ['minutes' => 20]);
        $this->assertStatus(201);
        $workout = self::id();
        $this->send('PUT', '/api/workouts/'.$workout, ['name' => 'Ours', 'text' => '3 rounds: 20 doubles']);
        $this->assertStatus(201);
        [$run, $way] = [self::id(), self::id()];
        $doing = ['athleteId' => $athlete, 'workout' => '20 doubles', 'scaling' => 'fewer', 'doing' => '10 doubles'];
        $this->send('PUT', '/api/chosen-ways/'.$way, $doing);
        $this->assertStatus(201);
        $this->send('PUT', '/api/paced-runs/'.$run, self::pacedRun($athlete));
        $this->assertStatus(201);
        $calendar = self::id();
        $this->send('PUT', '/api/calendar-links/'.$calendar, ['secret' => $secret]);
        $this->assertStatus(200);
        $effort = self::id();
        $said = ['athleteId' => $athlete, 'on' => gmdate('Y-m-d'), 'effort' => 6, 'minutes' => 45];
        $this->send('PUT', '/api/session-efforts/'.$effort, $said);
        $this->assertStatus(201);
        [$card, $aside] = [self::id(), self::id()];
        $this->leaveAside($gym, $athlete, $card, $aside);
        $rows = [
            'export' => $athlete,
            'own-cards' => $card,
            'session-efforts' => $effort,
            'asides' => $aside,
            'calendar-links' => $calendar,
            'practice' => $practice,
            'workouts' => $workout,
            'paced-runs' => $run,
            'chosen-ways' => $way,
            'class-clock' => $clock,
            'links' => $link,
            'people' => $person,
            'sessions' => $session,
            'imports' => $import,
            'cautions' => $caution,
            'stops' => $stop,
            'recordings' => $recording,
            'sensor' => $run,
            'athletes' => $athlete,
            'guests' => $athlete,
            'ropes' => $rope,
            'notes' => $note,
            'gates' => $gate,
            'drills' => $drill,
            'entry-lists' => $attempt,
            'attempts' => $attempt,
            'focuses' => $focus,
            'goes' => $go,
            'cables' => $cable,
            'rack' => $shared,
            'pins' => $pin,
        ];
        $bodies = [
            'POST /api/athletes/{id}/erase' => ['name' => 'Ilse Tannow'],
            'POST /api/cautions/{id}/clear' => ['note' => 'no pain in a week'],
            'POST /api/cautions/{id}/statement' => [
                'statedBy' => 'athlete',
                'professional' => 'a physiotherapist',
                'on' => date('Y-m-d'),
                'words' => 'all is well',
                'myself' => true,
            ],
            'PATCH /api/athletes/{id}' => self::athlete(),
            'PATCH /api/athletes/{id}/stage' => ['stage' => 'mix'],
            'PATCH /api/athletes/{id}/measures' => [],
            'PATCH /api/athletes/{id}/ways' => [],
            'PATCH /api/drills/{id}' => ['title' => 'Ours', 'stage' => 'link', 'notation' => '6d'],
            'PATCH /api/attempts/{id}' => ['clean' => false],
            'POST /api/attempts/{id}/move' => ['athleteId' => $athlete],
            'PATCH /api/class-clock/{id}' => ['programmes' => [['title' => 'All', 'text' => '30/10 x8']]],
            'POST /api/class-clock/{id}/moves' => ['move' => 'pause'],
            'PATCH /api/practice/{id}' => ['minutes' => 30],
            'PATCH /api/workouts/{id}' => ['name' => 'Ours', 'text' => '4 rounds: 20 doubles'],
            'PATCH /api/notes/{id}' => ['text' => 'better'],
            'PATCH /api/people/{id}' => ['role' => 'helper'],
            'PATCH /api/pins/{id}' => ['rackRopeId' => $shared],
            'PATCH /api/rack/{id}' => self::RACK_ROPE,
            'POST /api/rack/{id}/inspection' => ['failed' => []],
            'POST /api/ropes/{id}/inspection' => ['failed' => []],
        ];
        $queries = ['GET /api/athletes/{id}/diagnosis' => '?signs=slap', 'GET /api/athletes/{id}/arc' => '?cable=240'];
        $this->signInto();
        $tried = 0;
        foreach ($this->routes() as [$method, $path]) {
            if (!str_contains($path, '{id}') || 'PUT' === $method) {
                continue; // PUT makes a row of this gym's own, see the tests of each slice
            }
            $slice = explode('/', $path)[2];
            self::assertArrayHasKey($slice, $rows, "this test knows no row for $path");
            $this->send(
                $method,
                str_replace('{id}', $rows[$slice], $path).($queries["$method $path"] ?? ''),
                $bodies["$method $path"] ?? null,
                self::change(1),
            );
            $this->assertStatus(404);
            ++$tried;
        }
        self::assertGreaterThanOrEqual(8, $tried);
        self::assertSame(
            1,
            (int) self::connection()->fetchOne('SELECT version FROM athlete WHERE id = UNHEX(?)', [
                str_replace('-', '', $athlete),
            ]),
        );
    }

    /** What a card sends that was taken back. */
    private function leaveAside(Uuid $gym, string $athlete, string $card, string $aside): void
    {
        $secret = str_repeat('k', 22);
        $this->send('PUT', '/api/own-cards/'.$card, ['athleteId' => $athlete, 'secret' => $secret]);
        $this->assertStatus(200);
        $this->send('DELETE', '/api/own-cards/'.$card, null, self::change(1));
        $this->send('POST', '/api/card/entries', [
            'link' => ['gym' => $gym->toRfc4122(), 'card' => $card, 'secret' => $secret],
            'entry' => ['id' => $aside, 'drill' => 'fifty-calm', 'kind' => 'sum', 'reps' => 9, 'at' => '2026-01-05T18:00:00Z'],
        ]);
        $this->assertStatus(200);
    }

    private function openSession(Uuid $gym, string $coach, string $id): void
    {
        $session = 'session-'.$id;
        self::connection()->insert('signed_in_device', [
            'gym_id' => $gym->toBinary(),
            'id' => Uuid::fromString($id)->toBinary(),
            'coach_id' => Uuid::fromString($coach)->toBinary(),
            'session_id' => $session,
            'device' => 'the tablet at the wall',
            'signed_in_at' => gmdate('Y-m-d H:i:s'),
        ]);
        self::connection()->insert('sessions', [
            'sess_id' => $session,
            'sess_data' => '',
            'sess_lifetime' => time() + 3600,
            'sess_time' => time(),
        ]);
    }

    /**
     * @return list<array{string, string, string}> method, path, role asked for
     */
    private function routes(): array
    {
        $routes = [];
        foreach (self::service(RouterInterface::class)->getRouteCollection() as $route) {
            if (\in_array($route->getPath(), self::OPEN, true)) {
                continue;
            }
            self::assertNotSame([], $route->getMethods(), $route->getPath().' takes any method');
            foreach ($route->getMethods() as $method) {
                $routes[] = [$method, $route->getPath(), self::neededRole($route)];
            }
        }
        self::assertGreaterThan(10, \count($routes));

        return $routes;
    }

    private static function neededRole(Route $route): string
    {
        $controller = $route->getDefault('_controller');
        self::assertIsString($controller);
        [$class, $method] = explode('::', $controller, 2) + [1 => '__invoke'];
        $attribute = (new \ReflectionMethod($class, $method))->getAttributes(IsGranted::class)[0] ?? null;
        $needed = $attribute?->newInstance()->attribute;

        return \is_string($needed) ? $needed : '';
    }

    /**
     * @return array<string, mixed>
     */
    private static function pacedRun(string $athlete): array
    {
        $leg = ['round' => 1, 'kind' => 'doubles', 'name' => 'doubles', 'reps' => 20, 'workS' => 11, 'startS' => 0, 'endS' => 12];

        return [
            'athleteId' => $athlete,
            'workout' => '20 doubles',
            'startedAt' => '2026-11-20T17:00:00Z',
            'expectedS' => 12,
            'p10S' => 11,
            'p90S' => 14,
            'wider' => 1,
            'finished' => true,
            'legs' => [$leg + ['pauseS' => 0, 'misses' => 0.2, 'doneS' => 12.5, 'missed' => 0]],
        ];
    }
}
