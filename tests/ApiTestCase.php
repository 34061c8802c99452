<?php

declare(strict_types=1);

namespace Zumbo\App\Tests;

use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Job\Worker;
use Zumbo\App\Platform\Write\Transaction;
use Zumbo\App\Shared\SignedInCoach;

/**
 * Requests against the real application and MariaDB. Each test makes its own gym, so that nothing has to be cleaned up
 * and committed rows are really committed.
 */
abstract class ApiTestCase extends WebTestCase
{
    use RealServices;

    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        $this->browser = self::createClient();
        // As a server's process answers: services are reset between requests, not built anew.
        $this->browser->disableReboot();
        // What is counted by address in one test is no other's.
        $this->browser->setServerParameter(
            'REMOTE_ADDR',
            \sprintf('10.%d.%d.%d', random_int(0, 255), random_int(0, 255), random_int(1, 254)),
        );
    }

    /** A new gym with a coach of the role, signed in from now on. */
    protected function signInto(?Uuid $gym = null, Role $role = Role::Owner, string $name = 'Some Coach'): Uuid
    {
        $gym ??= $this->newGym();
        $this->browser->loginUser(SignedInCoach::of($this->newCoach($gym, $role, name: $name)), 'api');

        return $gym;
    }

    protected function newGym(string $unit = 'cm'): Uuid
    {
        $id = new UuidV7();
        self::connection()->insert('gym', [
            'id' => $id->toBinary(),
            'name' => 'Test gym',
            'time_zone' => 'Europe/London',
            'unit' => $unit,
        ]);

        return $id;
    }

    protected function newCoach(
        Uuid $gym,
        Role $role,
        string $passwordHash = 'none',
        string $name = 'Some Coach',
        ?string $email = null,
    ): Coach {
        $id = new UuidV7();
        $coach = new Coach($gym, $id, $email ?? $id->toRfc4122().'@gym.example', $name, $role, $passwordHash);
        self::connection()->insert('coach', [
            'gym_id' => $gym->toBinary(),
            'id' => $id->toBinary(),
            'email' => $coach->email(),
            'name' => $coach->name(),
            'role' => $role->value,
            'password_hash' => $passwordHash,
        ]);

        return $coach;
    }

    /**
     * @param array<mixed>|string|null $body    an array is sent as JSON, a string as it is
     * @param array<string, string>    $headers
     *
     * @return array<mixed> the decoded answer; empty when there is none
     */
    protected function send(string $method, string $path, array|string|null $body = null, array $headers = []): array
    {
        $server = [
            'HTTP_ORIGIN' => 'http://localhost',
            'HTTP_CSRF_TOKEN' => 'csrf-token',
            'CONTENT_TYPE' => 'application/json',
        ];
        foreach ($headers as $name => $value) {
            $server['HTTP_'.strtoupper(str_replace('-', '_', $name))] = $value;
        }
        $content = \is_array($body)
            ? json_encode([] === $body ? new \stdClass() : $body, \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE)
            : $body;
        $this->browser->request($method, $path, [], [], $server, $content);
        $answer = $this->body();
        DescribedApi::committed()->check($method, $path, $this->response());
        if ('' === $answer || !str_contains((string) $this->response()->headers->get('Content-Type'), 'json')) {
            return [];
        }
        $decoded = json_decode($answer, true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($decoded);

        return $decoded;
    }

    /** What was sent, as a stream or at once. */
    protected function body(): string
    {
        $response = $this->response();

        return $response instanceof StreamedResponse
            ? $this->browser->getInternalResponse()->getContent()
            : (string) $response->getContent();
    }

    protected function response(): Response
    {
        return $this->browser->getResponse();
    }

    protected function assertStatus(int $status): void
    {
        self::assertSame($status, $this->response()->getStatusCode(), (string) $this->response()->getContent());
    }

    /** Refused, naming the field; perhaps with a sentence that says so much. */
    protected function assertProblem(string $field, string $says = ''): void
    {
        $this->assertStatus(422);
        $problem = json_decode((string) $this->response()->getContent(), true, 16, \JSON_THROW_ON_ERROR);
        self::assertIsArray($problem);
        self::assertSame($field, $problem['errors'][0]['field'] ?? null);
        self::assertStringContainsString($says, \is_string($problem['detail'] ?? null) ? $problem['detail'] : '');
    }

    /**
     * @return array<string, string>
     */
    protected static function change(int $versionSeen, ?string $mutation = null): array
    {
        return ['If-Match' => '"'.$versionSeen.'"', 'Mutation-Id' => $mutation ?? self::id()];
    }

    /** All that waits, also what other tests have left. */
    protected static function workOff(): void
    {
        $worker = self::service(Worker::class);
        for ($jobs = 0; $jobs < 1000 && $worker->workOnce();) {
            ++$jobs;
        }
    }

    protected static function id(): string
    {
        return (new UuidV7())->toRfc4122();
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    protected static function athlete(array $with = []): array
    {
        return $with + [
            'name' => 'Ilse Tannow',
            'height' => '168',
            'dominantHand' => 'right',
            'experience' => 'singles',
        ];
    }

    /** Their handles are 15 cm, as a coach has asked. */
    protected function knowHandles(string $athlete, float $metres = 0.15): string
    {
        self::connection()->executeStatement('UPDATE athlete SET handle_length_m = ? WHERE id = ?', [
            $metres,
            Uuid::fromString($athlete)->toBinary(),
        ]);

        return $athlete;
    }

    /** How often a route that is read asks the database. */
    protected function queriesOf(string $path): int
    {
        $count = static fn (): int => (int) self::connection()->fetchOne(
            "SELECT variable_value FROM information_schema.session_status WHERE variable_name = 'Com_select'",
        );
        $before = $count();
        $this->send('GET', $path);

        return $count() - $before;
    }

    protected function newAthlete(): string
    {
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete());
        $this->assertStatus(201);

        return $id;
    }

    /** After a test wrote entries by itself. */
    protected static function recount(Uuid $gym): void
    {
        self::service(GymScope::class)->enter($gym);
        self::service(Transaction::class)->run(self::service(DaySums::class)->rebuild(...));
        self::service(GymScope::class)->leave();
    }

    /** What the gyms have on the disk. @param 'imports'|'recordings' $kind */
    protected static function files(string $kind): GymFiles
    {
        $files = self::getContainer()->get(GymFiles::class.' $'.$kind);

        return $files instanceof GymFiles ? $files : self::fail('no files of the kind '.$kind);
    }

    protected static function connection(): Connection
    {
        return self::service(Connection::class);
    }
}
