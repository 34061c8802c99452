<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\OwnGym;

use Zumbo\App\Entity\Access\FirstCode;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Tests\ApiTestCase;

/**
 * The first gym of a machine, made at the sign-in page with the code that the start command prints. Other tests leave gyms
 * behind: here they are gone, until all is rolled back.
 */
final class FirstGymTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        self::connection()->beginTransaction();
        self::connection()->executeStatement('SET foreign_key_checks = 0');
        self::connection()->executeStatement('DELETE FROM gym');
        self::connection()->executeStatement('SET foreign_key_checks = 1');
    }

    protected function tearDown(): void
    {
        self::connection()->rollBack();
        parent::tearDown();
    }

    public function testTheFirstGymIsMadeWithTheCodeOnceAndItsOwnerSignsIn(): void
    {
        self::assertSame(['demo' => null, 'firstGym' => true], $this->send('GET', '/api/welcome'));
        $code = self::service(FirstCode::class)->current();
        self::assertMatchesRegularExpression('/^[A-Z2-9]{4}-[A-Z2-9]{4}-[A-Z2-9]{4}$/', $code);
        self::assertSame($code, self::service(FirstCode::class)->current(), 'the same until it is used');
        $id = self::id();
        $body = $this->firstGym($code);
        $this->send('PUT', '/api/first-gym/'.$id, ['code' => 'AAAA-BBBB-CCCC'] + $body);
        $this->assertProblem('code', './zumbo start');
        $this->send('PUT', '/api/first-gym/'.$id, ['code' => strtolower(str_replace('-', ' ', $code))] + $body);
        $this->assertStatus(204);
        $this->send('PUT', '/api/first-gym/'.$id, $body);
        $this->assertStatus(204);
        self::assertSame(['demo' => null, 'firstGym' => false], $this->send('GET', '/api/welcome'));
        $this->send('POST', '/api/sign-in', ['email' => $body['coach']['email'], 'password' => 'a rope of my own']);
        $this->assertStatus(204);
        $me = $this->send('GET', '/api/me');
        self::assertSame(
            [$id, 'Quay Ropes', 'Europe/Madrid', 'ft-in', 'owner'],
            [$me['gym']['id'], $me['gym']['name'], $me['gym']['timeZone'], $me['gym']['unit'], $me['coach']['role']],
        );
        $this->send('PUT', '/api/first-gym/'.$id, $this->firstGym($code));
        $this->assertStatus(409);
        self::assertNotSame($code, self::service(FirstCode::class)->current(), 'it was good once');
    }

    public function testWhereThereIsAGymNoCodeMakesAnother(): void
    {
        $this->newGym();
        $code = self::service(FirstCode::class)->current();
        $this->send('PUT', '/api/first-gym/'.self::id(), $this->firstGym($code));
        $this->assertProblem('code');
        self::assertFalse($this->send('GET', '/api/welcome')['firstGym']);
    }

    public function testBesideTheDemoBothAreOffered(): void
    {
        self::connection()->insert('gym', [
            'id' => hex2bin(str_replace('-', '', Gym::DEMO_ID)),
            'name' => 'The demo',
            'time_zone' => 'Europe/London',
            'unit' => 'cm',
        ]);
        $welcome = $this->send('GET', '/api/welcome');
        self::assertTrue($welcome['firstGym']);
        self::assertSame(['email', 'password'], array_keys($welcome['demo']));
    }

    public function testWhatCanNotBeUsedIsNamedByItsFieldAndTheCodeStaysGood(): void
    {
        $code = self::service(FirstCode::class)->current();
        foreach ([
            'gym.timeZone' => ['gym' => ['name' => 'Quay', 'timeZone' => 'Madrid', 'unit' => 'cm']],
            'coach.email' => ['coach' => ['email' => 'ada', 'name' => 'Ada', 'password' => self::password('a rope of my own')]],
            'coach.password.password' => ['coach' => ['email' => 'a@b.example', 'name' => 'Ada', 'password' => self::password('short')]],
        ] as $field => $wrong) {
            $this->send('PUT', '/api/first-gym/'.self::id(), $wrong + $this->firstGym($code));
            $this->assertProblem($field);
        }
        self::assertStringNotContainsString('short', $this->body());
        self::assertSame($code, self::service(FirstCode::class)->current());
    }

    /**
     * @return array{code: string, gym: array<string, string>, coach: array{email: string, name: string, password: array<string, string>}}
     */
    private function firstGym(string $code): array
    {
        return [
            'code' => $code,
            'gym' => ['name' => 'Quay Ropes', 'timeZone' => 'Europe/Madrid', 'unit' => 'ft-in'],
            'coach' => [
                'email' => 'ada.'.substr(self::id(), -8).'@gym.example',
                'name' => 'Ada Wick',
                'password' => self::password('a rope of my own'),
            ],
        ];
    }

    /**
     * @return array{password: string, again: string}
     */
    private static function password(string $password): array
    {
        return ['password' => $password, 'again' => $password];
    }
}
