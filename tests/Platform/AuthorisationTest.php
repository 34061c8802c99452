<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Record\Role;
use Zumbo\App\Tests\ApiTestCase;

/**
 * Walks over every route there is, so that a new one can't be forgotten: what it does without a session, for each role,
 * and with the id of another gym's row.
 */
final class AuthorisationTest extends ApiTestCase
{
    /** May be called by anybody; everything else must ask for a role. */
    private const OPEN = ['/api/health', '/api/me', '/api/sign-in', '/api/sign-out'];

    private const RANK = ['ROLE_HELPER' => [Role::Helper, Role::Coach, Role::Owner], 'ROLE_COACH' => [Role::Coach, Role::Owner], 'ROLE_OWNER' => [Role::Owner]];

    /** What each route is meant to ask for; a new route has to be entered here. */
    private const MEANT = [
        'DELETE /api/athletes/{id}' => 'ROLE_COACH',
        'DELETE /api/attempts/{id}' => 'ROLE_HELPER',
        'DELETE /api/ropes/{id}' => 'ROLE_COACH',
        'GET /api/athletes' => 'ROLE_HELPER',
        'GET /api/athletes/{id}' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/ladder' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/pacing' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/sizing' => 'ROLE_HELPER',
        'GET /api/athletes/{id}/today' => 'ROLE_HELPER',
        'GET /api/attempts/{id}' => 'ROLE_HELPER',
        'GET /api/changes' => 'ROLE_HELPER',
        'GET /api/class' => 'ROLE_HELPER',
        'GET /api/live' => 'ROLE_HELPER',
        'GET /api/ropes/{id}' => 'ROLE_HELPER',
        'PATCH /api/athletes/{id}' => 'ROLE_COACH',
        'PATCH /api/attempts/{id}' => 'ROLE_HELPER',
        'POST /api/athletes/{id}/restore' => 'ROLE_COACH',
        'POST /api/attempts/{id}/restore' => 'ROLE_HELPER',
        'POST /api/calc/{name}' => 'ROLE_HELPER',
        'POST /api/ropes/{id}/restore' => 'ROLE_COACH',
        'PUT /api/athletes/{id}' => 'ROLE_COACH',
        'PUT /api/attempts/{id}' => 'ROLE_HELPER',
        'PUT /api/ropes/{id}' => 'ROLE_COACH',
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
            $this->send($method, str_replace(['{id}', '{name}'], [self::id(), 'rope'], $path), [], self::change(1));
            $this->assertStatus(401);
        }
    }

    public function testEveryRouteAsksForARoleAndNoLesserOneGetsIn(): void
    {
        foreach (Role::cases() as $role) {
            $this->signInto(role: $role);
            foreach ($this->routes() as [$method, $path, $needed]) {
                self::assertArrayHasKey($needed, self::RANK, "$method $path names no role");
                $this->send($method, str_replace(['{id}', '{name}'], [self::id(), 'rope'], $path), [], self::change(1));
                $allowed = \in_array($role, self::RANK[$needed], true);
                self::assertSame(!$allowed, 403 === $this->response()->getStatusCode(), "{$role->value}: $method $path answered {$this->response()->getStatusCode()}");
                self::assertLessThan(500, $this->response()->getStatusCode());
            }
        }
    }

    public function testAnotherGymsRowsAreUnknownOnEveryRoute(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $rope = self::id();
        $this->send('PUT', '/api/ropes/'.$rope, ['athleteId' => $athlete, 'school' => 'armpit', 'stance' => null, 'handle' => '15', 'family' => 'thick-cord']);
        $this->assertStatus(201);
        $attempt = self::id();
        $this->send('PUT', '/api/attempts/'.$attempt, ['athleteId' => $athlete, 'drill' => 'fifty-calm', 'kind' => 'streak', 'reps' => 23, 'end' => 'miss']);
        $this->assertStatus(201);
        $rows = ['athletes' => $athlete, 'ropes' => $rope, 'attempts' => $attempt];
        $bodies = ['athletes' => self::athlete(), 'attempts' => ['clean' => false]];
        $this->signInto();
        $tried = 0;
        foreach ($this->routes() as [$method, $path]) {
            if (!str_contains($path, '{id}') || 'PUT' === $method) {
                continue; // PUT makes a row of this gym's own, see the tests of each slice
            }
            $slice = explode('/', $path)[2];
            self::assertArrayHasKey($slice, $rows, "this test knows no row for $path");
            $this->send($method, str_replace('{id}', $rows[$slice], $path), 'PATCH' === $method ? $bodies[$slice] ?? null : null, self::change(1));
            $this->assertStatus(404);
            ++$tried;
        }
        self::assertGreaterThanOrEqual(8, $tried);
        self::assertSame(1, (int) self::connection()->fetchOne('SELECT version FROM athlete WHERE id = UNHEX(?)', [str_replace('-', '', $athlete)]));
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
}
