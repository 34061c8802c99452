<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Athletes;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;
use Zumbo\Core\Body\Caution;

final class AthletesApiTest extends ApiTestCase
{
    #[DataProvider('heights')]
    public function testAddsAnAthleteWithAHeightAsTyped(string $height, float $metres): void
    {
        $this->signInto();
        $id = self::id();
        $athlete = $this->send(
            'PUT',
            '/api/athletes/'.$id,
            self::athlete([
                'height' => $height,
                'experience' => 'some-doubles',
                'cautions' => ['pain'],
                'cautionNote' => ' knee ',
                'birthYear' => 1999,
            ]),
        );
        $this->assertStatus(201);
        self::assertEqualsWithDelta($metres, $athlete['statureM'], 1e-9);
        self::assertSame('mix', $athlete['stage']);
        self::assertSame(7, $athlete['stageNumber']);
        self::assertSame('knee', $this->send('GET', "/api/athletes/$id/cautions")[0]['note']);
        self::assertSame('pain', $athlete['cautions'][0]['code']);
        self::assertStringContainsString('see a professional', $athlete['cautions'][0]['sentence']);
        self::assertSame($athlete, $this->send('GET', '/api/athletes/'.$id));
    }

    /**
     * @return iterable<string, array{string, float}>
     */
    public static function heights(): iterable
    {
        foreach (
            ['175' => 1.75, '1.75 m' => 1.75, '5\'9"' => 1.7526, '5′9″' => 1.7526, '5 ft 9' => 1.7526] as $text => $metres
        ) {
            yield (string) $text => [(string) $text, $metres];
        }
    }

    /**
     * @param array<string, mixed>                                  $with
     * @param array{field: string, value: string, accepted: string} $error
     */
    #[DataProvider('badFields')]
    public function testBadFieldsAreNamedWithValueAndAcceptedForm(array $with, array $error, string $sentence): void
    {
        $gym = $this->signInto();
        $problem = $this->send('PUT', '/api/athletes/'.self::id(), self::athlete($with));
        $this->assertStatus(422);
        self::assertSame('application/problem+json', $this->response()->headers->get('Content-Type'));
        self::assertSame($error, array_diff_key($problem['errors'][0], ['message' => true]));
        self::assertStringContainsString($sentence, $problem['detail']);
        self::assertStringNotContainsString('Zumbo', (string) $this->response()->getContent());
        self::assertSame(
            0,
            (int) self::connection()->fetchOne('SELECT COUNT(*) FROM athlete WHERE gym_id = ?', [$gym->toBinary()]),
        );
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array{field: string, value: string, accepted: string}, string}>
     */
    public static function badFields(): iterable
    {
        $heights = 'between 90 and 230 cm, or like 5\'3"';
        yield 'too small' => [
            ['height' => '19'],
            ['field' => 'height', 'value' => '19', 'accepted' => $heights],
            'Height 19 cm: between 90 and 230 cm, or like 5\'3".',
        ];
        yield 'ambiguous' => [
            ['height' => '69'],
            ['field' => 'height', 'value' => '69', 'accepted' => '69 cm or 69 in'],
            'could be 69 cm or 69 in: write the unit',
        ];
        yield 'no length' => [
            ['height' => 'tall'],
            ['field' => 'height', 'value' => 'tall', 'accepted' => '175, 175 cm, 1.75 m, 5\'9" or 5 ft 9'],
            'Height "tall": not a length',
        ];
        yield 'height of another type' => [
            ['height' => ['175']],
            ['field' => 'height', 'value' => '', 'accepted' => 'text'],
            'Height is missing: text',
        ];
        yield 'no name' => [
            ['name' => '  '],
            ['field' => 'name', 'value' => '  ', 'accepted' => 'some text'],
            'some text',
        ];
        yield 'long name' => [
            ['name' => str_repeat('a', 81)],
            ['field' => 'name', 'value' => str_repeat('a', 39).'…', 'accepted' => '0 to 80 characters'],
            '0 to 80 characters',
        ];
        yield 'unknown hand' => [
            ['dominantHand' => 'third'],
            ['field' => 'dominantHand', 'value' => 'third', 'accepted' => 'one of right, left, both'],
            'Dominant hand third: one of right, left, both.',
        ];
        yield 'unknown caution' => [
            ['cautions' => ['bone', 'luck']],
            [
                'field' => 'cautions',
                'value' => 'luck',
                'accepted' => 'one of '.implode(', ', array_column(Caution::cases(), 'value')),
            ],
            'one of chest-pain',
        ];
        yield 'birth year' => [
            ['birthYear' => 1066],
            ['field' => 'birthYear', 'value' => '1066', 'accepted' => 'from 1900 to 2100'],
            'Birth year 1066: from 1900 to 2100.',
        ];
        yield 'unknown field' => [
            ['colour' => 'red'],
            ['field' => 'colour', 'value' => '', 'accepted' => 'no such field'],
            'There is no field "colour".',
        ];
    }

    public function testAllBadFieldsAreNamedAtOnce(): void
    {
        $this->signInto();
        $problem = $this->send('PUT', '/api/athletes/'.self::id(), [
            'name' => '',
            'height' => '3',
            'dominantHand' => 'x',
            'experience' => 'x',
        ]);
        self::assertSame(
            ['name', 'height', 'dominantHand', 'experience'],
            array_values(array_unique(array_column($problem['errors'], 'field'))),
        );
    }

    #[DataProvider('noBody')]
    public function testABodyThatIsNoObjectIsRefused(string $body, int $status): void
    {
        $this->signInto();
        $problem = $this->send('PUT', '/api/athletes/'.self::id(), $body);
        $this->assertStatus($status);
        self::assertNotEmpty($problem['detail']);
    }

    /**
     * @return iterable<string, array{string, int}>
     */
    public static function noBody(): iterable
    {
        yield 'nothing' => ['', 400];
        yield 'broken' => ['{"name": ', 400];
        yield 'a list' => ['[1, 2]', 422];
        yield 'a word' => ['"Ilse"', 422];
        yield 'null' => ['null', 422];
    }

    public function testTheSameRequestTwiceAddsOne(): void
    {
        $this->signInto();
        $id = self::id();
        $first = $this->send('PUT', '/api/athletes/'.$id, self::athlete());
        $this->assertStatus(201);
        $second = $this->send('PUT', '/api/athletes/'.$id, self::athlete());
        $this->assertStatus(200);
        self::assertSame($first, $second);
        self::assertCount(1, $this->send('GET', '/api/athletes'));
    }

    public function testTheSameIdWithAnotherBodyIsRefusedAndChangesNothing(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => 'Somebody Else']));
        $this->assertStatus(409);
        self::assertSame('Ilse Tannow', $this->send('GET', '/api/athletes/'.$id)['name']);
    }

    public function testAnotherGymsIdBehavesAsUnknown(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->signInto();
        $unknown = $this->send('GET', '/api/athletes/'.self::id());
        $foreign = $this->send('GET', '/api/athletes/'.$id);
        $this->assertStatus(404);
        self::assertSame(array_diff_key($unknown, ['detail' => 1]), array_diff_key($foreign, ['detail' => 1]));
        self::assertSame([], $this->send('GET', '/api/athletes'));
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => 'Mine Now']));
        $this->assertStatus(201);
    }

    public function testChangesCarryAVersionAndCountOnce(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $headers = self::change(1);
        $changed = $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['height' => '170']), $headers);
        $this->assertStatus(200);
        self::assertSame(2, $changed['version']);
        self::assertSame(
            $changed,
            $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['height' => '170']), $headers),
            'sent again, nothing happens',
        );
        $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['height' => '171']), $headers);
        $this->assertStatus(409);
    }

    public function testAChangeFromAnOldVersionIsRefusedWithWhatIsThere(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['name' => 'First']), self::change(1));
        $problem = $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['name' => 'Second']), self::change(1));
        $this->assertStatus(409);
        self::assertSame('First', $problem['current']['name']);
        self::assertStringContainsString('you saw version 1, now it is version 2', $problem['detail']);
    }

    public function testRemovingCanBeUndone(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $removed = $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        self::assertTrue($removed['removed']);
        self::assertSame([], $this->send('GET', '/api/athletes'));
        $restored = $this->send('POST', '/api/athletes/'.$id.'/restore', null, self::change($removed['version']));
        self::assertFalse($restored['removed']);
        self::assertCount(1, $this->send('GET', '/api/athletes'));
    }

    /**
     * @param array<string, string> $headers
     */
    #[DataProvider('badHeaders')]
    public function testAChangeWithoutItsHeadersIsRefusedByName(array $headers, string $field): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $problem = $this->send('PATCH', '/api/athletes/'.$id, self::athlete(), $headers);
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
    }

    /**
     * @return iterable<string, array{array<string, string>, string}>
     */
    public static function badHeaders(): iterable
    {
        yield 'no mutation' => [['If-Match' => '"1"'], 'Mutation-Id'];
        yield 'an old kind of id' => [
            ['If-Match' => '"1"', 'Mutation-Id' => '6ba7b810-9dad-11d1-80b4-00c04fd430c8'],
            'Mutation-Id',
        ];
        yield 'no version' => [['Mutation-Id' => '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f'], 'If-Match'];
        yield 'a star' => [['Mutation-Id' => '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f', 'If-Match' => '*'], 'If-Match'];
    }

    public function testAnIdThatCameByAnotherWayThanAMutationIsTaken(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $attempt = self::id();
        $entry = ['athleteId' => $id, 'drill' => 'fifty-calm', 'kind' => 'streak', 'reps' => 23, 'end' => 'miss'];
        $this->send('PUT', '/api/attempts/'.$attempt, $entry);
        // As an import and the demo write: rows without a mutation.
        self::connection()->executeStatement('DELETE FROM mutation');
        foreach (['/api/athletes/'.$id => self::athlete(), '/api/attempts/'.$attempt => $entry] as $path => $body) {
            $problem = $this->send('PUT', $path, $body);
            $this->assertStatus(409);
            self::assertStringContainsString('was used before', $problem['detail']);
        }
        self::assertCount(1, $this->send('GET', '/api/athletes'));
    }

    public function testAnIdThatIsNoneIsNamed(): void
    {
        $this->signInto();
        $problem = $this->send('GET', '/api/athletes/ilse');
        $this->assertStatus(422);
        self::assertSame('id', $problem['errors'][0]['field']);
    }

    public function testHelpersSeeNoHealthNotes(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->send(
            'PUT',
            '/api/athletes/'.$id,
            self::athlete(['cautions' => ['heart'], 'cautionNote' => 'pacemaker']),
        );
        $this->signInto($gym, Role::Helper);
        $athlete = $this->send('GET', '/api/athletes/'.$id);
        self::assertSame([], $athlete['cautions']);
        self::assertSame(
            ['no-jump', 'No jumps today.', ['No jumps today.']],
            [
                $athlete['allowance']['jumping'],
                $athlete['allowance']['public']['sentence'],
                array_column($athlete['allowance']['reasons'], 'sentence'),
            ],
            'that there is something stays visible, what it is does not',
        );
        self::assertStringNotContainsString('pacemaker', (string) json_encode($this->send('GET', '/api/athletes')));
    }

    public function testTheListNeedsTheSameQueriesForOneAndForTwenty(): void
    {
        $this->signInto();
        $this->newAthlete();
        $one = $this->queriesOf('/api/athletes');
        for ($i = 0; $i < 19; ++$i) {
            $this->newAthlete();
        }
        self::assertSame($one, $this->queriesOf('/api/athletes'));
        // One of them asks whether anything was written; then nothing else is asked.
        self::assertLessThanOrEqual(12, $one);
        self::assertLessThanOrEqual(3, $this->queriesOf('/api/athletes'), 'asked again');
    }

    public function testWhoWasRemovedStandsInTheArchiveAndIsBroughtBack(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        [$removed] = $this->send('GET', '/api/athletes/archive');
        self::assertSame([$id, 'Ilse Tannow', false, 2], [$removed['id'], $removed['name'], $removed['guest'], $removed['version']]);
        self::assertSame(gmdate('Y-m-d'), substr($removed['removedAt'], 0, 10));
        $this->send('POST', '/api/athletes/'.$id.'/restore', null, self::change(2));
        self::assertSame([], $this->send('GET', '/api/athletes/archive'));
    }

    public function testWhoWasNotSeenForTwoWeeksIsMissed(): void
    {
        $gym = $this->signInto();
        $id = $this->newAthlete();
        $missed = fn (): array => [$this->send('GET', '/api/athletes')[0]['missed'], $this->send('GET', '/api/athletes/'.$id)['missed']];
        self::assertSame([false, false], $missed(), 'never seen is not missed');
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $id,
            'drill' => 'fifty-calm',
            'kind' => 'streak',
            'reps' => 23,
            'end' => 'miss',
        ]);
        self::assertSame([false, false], $missed());
        foreach ([
            'practice SET local_day = local_day - INTERVAL 14 DAY WHERE gym_id',
            'gym SET revision = revision + 1 WHERE id',
        ] as $sql) {
            self::connection()->executeStatement("UPDATE $sql = ?", [$gym->toBinary()]);
        }
        self::assertSame([true, true], $missed());
    }

    public function testACoachMovesAnAthleteAlongThePath(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $moved = $this->send('PATCH', "/api/athletes/$id/stage", ['stage' => 'link'], self::change(1));
        $this->assertStatus(200);
        self::assertSame(['link', 8, 2], [$moved['stage'], $moved['stageNumber'], $moved['version']]);
        $this->send('PATCH', "/api/athletes/$id/stage", ['stage' => 'hold'], self::change(1));
        $this->assertStatus(409);
        $problem = $this->send('PATCH', "/api/athletes/$id/stage", ['stage' => 'moon'], self::change(2));
        $this->assertStatus(422);
        self::assertSame('stage', $problem['errors'][0]['field']);
        self::assertSame('link', $this->send('GET', "/api/athletes/$id")['stage']);
    }

    public function testAnAthleteWhoHasGrownSinceTheRopeWasSizedIsTold(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['height' => '138']));
        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $id,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        self::connection()->executeStatement("UPDATE stature SET read_on = '2020-01-01' WHERE gym_id = ?", [
            $gym->toBinary(),
        ]);
        self::assertSame('right', $this->send('GET', '/api/athletes/'.$id)['ropeVerdict']['state']);
        self::connection()->executeStatement("UPDATE rope SET created_at = '2020-02-01 10:00:00' WHERE gym_id = ?", [
            $gym->toBinary(),
        ]);
        $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['height' => '142']), self::change(1));
        $grown = $this->send('GET', '/api/athletes/'.$id.'?');
        self::assertStringContainsString(
            'Outgrown: sized at 138 cm, now 142 cm, so it is 6 cm shorter',
            $grown['ropeVerdict']['reasons'][0]['sentence'],
        );
        self::assertSame(['outgrown', 'let-out'], [$grown['ropeVerdict']['state'], $grown['ropeVerdict']['next']]);
        self::assertSame('outgrown', $this->send('GET', '/api/athletes')[0]['ropeVerdict']['state']);
        self::assertSame(
            2,
            (int) self::connection()->fetchOne('SELECT COUNT(*) FROM stature WHERE gym_id = ?', [$gym->toBinary()]),
        );
    }

    public function testAHeightMayCarryItsOwnDateAndTwoOnOneDayBothStand(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['height' => '150']));
        $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['height' => '151']), self::change(1));
        $this->send(
            'PATCH',
            '/api/athletes/'.$id,
            self::athlete(['height' => '144', 'measuredOn' => '2025-01-10']),
            self::change(2),
        );
        $this->assertStatus(200);
        self::assertSame(1.51, $this->send('GET', '/api/athletes/'.$id)['statureM'], 'what was read last holds');
        self::assertSame(
            [1.44, 1.5, 1.51],
            self::connection()->fetchFirstColumn('SELECT stature_m FROM stature WHERE gym_id = ? ORDER BY read_on, id', [
                $gym->toBinary(),
            ]),
        );
        $this->send(
            'PATCH',
            '/api/athletes/'.$id,
            self::athlete(['height' => '152', 'measuredOn' => date('Y-m-d', (int) strtotime('+2 days'))]),
            self::change(2),
        );
        $this->assertProblem('measuredOn');
    }
}
