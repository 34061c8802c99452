<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Exchange;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Exchange\Table\Table;
use Zumbo\App\Exchange\Table\Tables;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Job\Chores;

final class ExchangeApiTest extends ExchangeTestCase
{
    private const SCHEMA = __DIR__.'/../../docs/formats/zumbo-1.schema.json';

    /** What went out of one gym goes into another, and comes out of it the same, byte for byte. */
    public function testAGymGoesOutAndInAndOutTheSame(): void
    {
        $this->gymWithEverything();
        $json = $this->download('/api/export.json');
        $csv = array_map(
            fn (string $table): string => $this->download("/api/export/$table.csv"),
            array_keys(Tables::all()),
        );
        $this->signInto();
        self::assertSame(['done', 0], $this->bringIn($json));
        self::assertSame(self::withoutGym($json), self::withoutGym($this->download('/api/export.json')));
        self::assertSame(
            $csv,
            array_map(
                fn (string $table): string => $this->download("/api/export/$table.csv"),
                array_keys(Tables::all()),
            ),
        );

        $this->signInto();
        foreach ($csv as $file) {
            self::assertSame(['done', 0], $this->bringIn($file, 'text/csv'));
        }
        self::assertSame(self::withoutGym($json), self::withoutGym($this->download('/api/export.json')));
    }

    /** Read by PHP's own archive reader; the listing of `unzip` says the same. */
    public function testOneZipHoldsAllOfItAndComesInAgain(): void
    {
        $this->gymWithEverything();
        $json = $this->download('/api/export.json');
        $this->send('GET', '/api/export.zip?mark=with');
        $this->assertStatus(200);
        self::assertMatchesRegularExpression(
            '/filename=zumbo-test-gym-\d{4}-\d{2}-\d{2}\.zip$/',
            (string) $this->response()->headers->get('Content-Disposition'),
        );
        $packed = $this->browser->getInternalResponse()->getContent();
        $path = (string) tempnam(sys_get_temp_dir(), 'zumbo');
        file_put_contents($path, $packed);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($path));
        self::assertSame($json, $zip->getFromName('zumbo.json'));
        self::assertStringStartsWith("\u{FEFF}id,name,", (string) $zip->getFromName('tables/athletes.csv'));
        self::assertStringContainsString('What Test gym keeps', (string) $zip->getFromName('README.txt'));
        self::assertJson((string) $zip->getFromName('zumbo-1.schema.json'));
        self::assertCount(3 + \count(Tables::all()), array_filter(explode("\n", (string) shell_exec('unzip -Z1 '.escapeshellarg($path)))));
        $marked = (string) $zip->getFromName('tables/athletes.csv');
        unlink($path);

        $this->signInto();
        self::assertSame(['done', 0], $this->bringIn($packed, 'application/zip'));
        self::assertSame(self::withoutGym($json), self::withoutGym($this->download('/api/export.json')));
        self::assertSame(['done', 0], $this->bringIn($marked, 'text/csv'), 'a mark does no harm');
        foreach (['no archive', ''] as $wrong) {
            $this->send('PUT', '/api/imports/'.self::id(), $wrong, ['Content-Type' => 'application/zip']);
            $this->assertStatus(422);
        }
    }

    /** What the screens say is the same, with the time zone by which days are counted. */
    public function testAfterAnImportIntoAnEmptyGymTheScreensSayTheSame(): void
    {
        $days = static fn (Uuid $gym): array => self::connection()->fetchFirstColumn(
            'SELECT local_day FROM practice WHERE gym_id = ? ORDER BY athlete_id, local_day',
            [$gym->toBinary()],
        );
        $first = $this->gymWithEverything();
        $screens = $this->screens();
        $json = $this->download('/api/export.json');
        $second = $this->signInto();
        $this->bringIn($json);
        self::assertSame($screens, $this->screens());
        self::assertContains('2026-02-01', $days($first), 'half past eleven in London is the next morning in Tokyo');
        self::assertSame($days($first), $days($second));
    }

    public function testSettingsAreHeldToTheirForm(): void
    {
        $this->signInto();
        $row = static fn (string $id, string $zone): string => "id,time_zone,unit\r\n$id,$zone,cm\r\n";
        $wrong = array_column($this->send_($row(self::id(), 'Home'), 'text/csv')['errors'], 'message');
        self::assertCount(2, array_filter($wrong, static fn (string $said): bool => 1 === preg_match('/ id | time_zone /', $said)));
        self::assertSame(['done', 0], $this->bringIn($row(Table::ONLY, 'Asia/Tokyo'), 'text/csv'));
        self::assertSame('Asia/Tokyo', $this->send('GET', '/api/me')['gym']['timeZone']);
    }

    /** An independent reader (opis/json-schema) holds the file to the published schema. */
    public function testTheJsonFormIsWhatItsSchemaSays(): void
    {
        $this->gymWithEverything();
        $validator = new Validator();
        $result = $validator->validate(
            json_decode($this->download('/api/export.json'), false, 16, \JSON_THROW_ON_ERROR),
            (string) file_get_contents(self::SCHEMA),
        );
        $error = $result->error();
        self::assertTrue(
            $result->isValid(),
            null === $error ? '' : (string) json_encode((new ErrorFormatter())->format($error)),
        );
        $broken = json_decode(
            '{"format": "zumbo", "version": 1, "rack": [{"id": "7", "tag": "R1"}]}',
            false,
            16,
            \JSON_THROW_ON_ERROR,
        );
        self::assertFalse($validator->validate($broken, (string) file_get_contents(self::SCHEMA))->isValid());
    }

    public function testReadingTheSameFileAgainChangesNothing(): void
    {
        $gym = $this->gymWithEverything();
        $before = $this->download('/api/export.json');
        $versions = self::connection()->fetchFirstColumn('SELECT version FROM athlete WHERE gym_id = ?', [
            $gym->toBinary(),
        ]);
        $import = $this->send_($before);
        self::assertSame('preview', $import['state']);
        foreach ($import['counts'] as $count) {
            self::assertSame([0, 0], [$count['add'], $count['change']], $count['table']);
            self::assertGreaterThan(0, $count['same']);
        }
        $this->agreeTo($import);
        self::assertSame($before, $this->download('/api/export.json'));
        self::assertSame(
            $versions,
            self::connection()->fetchFirstColumn('SELECT version FROM athlete WHERE gym_id = ?', [$gym->toBinary()]),
        );
    }

    public function testAPartialFileChangesOnlyWhatItSays(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $preview = $this->send_("id,name,stage\r\n$id,Ilse the Second,mix\r\n", 'text/csv');
        self::assertSame(
            ['athletes, line 2: name “Ilse Tannow” becomes “Ilse the Second”; stage “singles” becomes “mix”'],
            $preview['examples'],
        );
        self::assertSame('done', $this->agreeTo($preview)['state']);
        $athlete = $this->send('GET', '/api/athletes/'.$id);
        self::assertSame(
            ['Ilse the Second', 'mix', 1.68, 2],
            [$athlete['name'], $athlete['stage'], $athlete['statureM'], $athlete['version']],
        );
    }

    public function testWhatWasRemovedComesBackByAnImport(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $csv = $this->download('/api/export/athletes.csv');
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        self::assertStringNotContainsString($id, $this->download('/api/export/athletes.csv'));
        self::assertSame(['done', 0], $this->bringIn($csv, 'text/csv'));
        self::assertSame($csv, $this->download('/api/export/athletes.csv'));
    }

    public function testWhoeverWasErasedStaysErasedWhateverAFileBrings(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $other = $this->newAthlete();
        $entry = ['athleteId' => $id, 'drill' => 'fifty-calm', 'kind' => 'streak', 'reps' => 23, 'end' => 'miss'];
        $this->send('PUT', '/api/attempts/'.self::id(), $entry);
        $all = $this->download('/api/export.json');
        $name = (string) $this->send('GET', '/api/athletes/'.$id)['name'];
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        $this->send('POST', "/api/athletes/$id/erase", ['name' => $name], self::change(2));
        $this->assertStatus(204);
        $preview = $this->send_($all);
        self::assertSame([0, ['Left out, of athletes who were erased here: 4 rows']], [$preview['errorCount'], $preview['examples']]);
        $this->agreeTo($preview);
        self::assertSame([$other], array_column($this->send('GET', '/api/athletes'), 'id'));
        self::assertStringNotContainsString($id, $this->download('/api/export.json'));
    }

    /** A file adds to what was noted of somebody's health, and brings its history along; it lifts nothing. */
    public function testNoFileLiftsWhatIsNotedHere(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $athlete, 'caution' => 'chest-pain']);
        $this->assertStatus(201);
        $csv = $this->download('/api/export/cautions.csv');
        [$header, $row] = explode("\r\n", $csv);
        $cells = array_combine(explode(',', $header), explode(',', $row));
        $lifted = [
            'lifted_by' => 'professional',
            'lifted_on' => '2026-11-20',
            'professional' => 'a doctor',
            'professional_on' => '2026-11-20',
            'stated_by' => 'athlete',
            'lifted_words' => 'fine',
        ];
        foreach ([$lifted, ['caution' => 'easy-weeks'], ['until_on' => '2020-01-01', 'caution' => 'easy-weeks']] as $change) {
            $file = $header."\r\n".implode(',', [...$cells, ...$change])."\r\n";
            $import = $this->send_($file, 'text/csv');
            self::assertSame('refused', $import['state']);
            self::assertStringContainsString('no file changes or lifts', $import['errors'][0]['message']);
        }
        // A row of another id is another note: it brings its history, and the one that stands still stands.
        $file = $header."\r\n".implode(',', [...$cells, ...$lifted, 'id' => self::id()])."\r\n";
        self::assertSame(['done', 0], $this->bringIn($file, 'text/csv'));
        // Files from before cautions had a table of their own add as well.
        $old = "id,cautions,caution_note,added_at\r\n$athlete,,,2026-11-01T10:00:00Z\r\n";
        self::assertSame(['done', 0], $this->bringIn($old, 'text/csv'));
        self::assertSame('nothing', $this->send('GET', "/api/athletes/$athlete/judgement")['allowance']['jumping']);
    }

    public function testAFileFromBeforeCautionsHadATableIsReadIntoIt(): void
    {
        $this->signInto();
        $id = self::id();
        $old = "id,name,stature_m,dominant_hand,experience,stage,guardian_consent,cautions,caution_note,added_at\r\n"
            ."$id,Ann,1.7,left,none,jump,false,bone;heart,see the letter,2026-11-01T10:00:00Z\r\n";
        self::assertSame(['done', 0], $this->bringIn($old, 'text/csv'));
        self::assertSame(['done', 0], $this->bringIn($old, 'text/csv'), 'read again it adds nothing');
        $noted = $this->send('GET', "/api/athletes/$id/cautions");
        $this->assertStatus(200);
        self::assertEqualsCanonicalizing(['bone', 'heart'], array_column($noted, 'caution'));
        self::assertSame(['see the letter'], array_values(array_unique(array_column($noted, 'note'))));
    }

    public function testOneBadRowKeepsAllOutAndEveryErrorIsListed(): void
    {
        $gym = $this->signInto();
        [$one, $two] = [self::id(), self::id()];
        $header =
            "id,name,stature_m,dominant_hand,experience,stage,guardian_consent,added_at\r\n";
        $import = $this->send_(
            $header.
                "$one,Ann,1.7,left,none,jump,false,2026-11-01T10:00:00Z\r\n".
                "$two,,19,left,none,moon,false,2026-11-01T10:00:00Z\r\n".
                "$one,Again,1.7,left,none,jump,false,2026-11-01T10:00:00Z\r\n",
            'text/csv',
        );
        self::assertSame(['refused', 4], [$import['state'], $import['errorCount']]);
        self::assertFalse($this->isKept($gym, $import['id']), 'it is over, and its file may hold names');
        self::assertSame(
            [
                'Line 3: name is missing: text of 1 to 80 characters.',
                'Line 3: stature_m "19": a number from 0.9 to 2.3.',
            ],
            \array_slice(array_column($import['errors'], 'message'), 0, 2),
        );
        self::assertStringStartsWith('Line 4: id "', $import['errors'][3]['message']);
        self::assertSame(
            0,
            (int) self::connection()->fetchOne('SELECT COUNT(*) FROM athlete WHERE gym_id = ?', [$gym->toBinary()]),
        );
        $this->send('POST', "/api/imports/{$import['id']}/agree", null, self::change($import['version']));
        self::workOff();
        self::assertSame(
            'refused',
            $this->send('GET', '/api/imports/'.$import['id'])['state'],
            'what was refused can\'t be agreed to',
        );
    }

    public function testOfAThousandLinesTheThreeBadOnesAreListed(): void
    {
        $gym = $this->signInto();
        $lines = ['id,tag,cable_length_m,handle_length_m,family'];
        for ($i = 2; $i <= 1001; ++$i) {
            $lines[] =
                self::id().
                match ($i) {
                    17 => ',R17,-2.4,0.15,beaded',
                    500 => ',R500,2.4,0.15',
                    1001 => ',R1001,2.4,0.15,spaghetti',
                    default => ",R$i,2.4,0.15,beaded",
                };
        }
        $import = $this->send_(implode("\r\n", $lines), 'text/csv');
        self::assertSame(['refused', 3], [$import['state'], $import['errorCount']]);
        self::assertSame(
            [
                'Line 17: cable_length_m "-2.4": a number from 1 to 5.',
                'Line 500: cells "4": 5 cells, as in the header; is a quote missing.',
                'Line 1001: family "spaghetti": one of beaded, thick-cord, medium-cord, coated-steel, thin-wire, weighted.',
            ],
            array_column($import['errors'], 'message'),
        );
        self::assertSame(
            0,
            (int) self::connection()->fetchOne('SELECT COUNT(*) FROM rack_rope WHERE gym_id = ?', [$gym->toBinary()]),
        );
    }

    public function testRowsMustBelongTogether(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $nobody = self::id();
        $entry = static fn (
            string $id,
            string $athlete,
            string $kind,
            string $misses,
            string $ended,
        ): string => self::id().",$athlete,hundred,singles,$kind,5,$misses,$ended,true,2026-11-24T10:00:00Z\r\n";
        $import = $this->send_(
            "id,athlete_id,drill,stage,kind,reps,misses,ended,clean,logged_at\r\n".
                $entry('1', $nobody, 'streak', '0', 'miss').
                $entry('2', $athlete, 'streak', '0', '').
                $entry('3', $athlete, 'sum', '2', 'miss').
                $entry('4', $athlete, 'streak', '3', 'miss'),
            'text/csv',
        );
        self::assertSame(
            [
                "Line 2: athlete_id \"$nobody\": the id of an athlete of this gym or of this file.",
                'Line 3: ended is missing: one of miss, stopped, time.',
                'Line 4: ended "miss": nothing, unless kind is streak.',
                'Line 5: misses "3": 0 when kind is streak: how it ended says the miss.',
            ],
            array_column($import['errors'], 'message'),
        );
    }

    /** The gym may change between the look and the yes. */
    public function testWhatChangedSinceThePreviewIsComparedAnew(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $import = $this->send_("id,name,stage\r\n$athlete,Changed,mix\r\n", 'text/csv');
        $this->send('PATCH', "/api/athletes/$athlete/stage", ['stage' => 'link'], self::change(1));
        $done = $this->agreeTo($import);
        self::assertSame('done', $done['state']);
        self::assertSame(
            ['Changed', 'mix', 3],
            array_values(
                array_intersect_key($this->send('GET', '/api/athletes/'.$athlete), [
                    'name' => 1,
                    'stage' => 1,
                    'version' => 1,
                ]),
            ),
        );
    }

    public function testAnImportIsCalledOffBeforeAndAfterItWasRead(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/imports/'.$id, '{"format": "zumbo", "version": 1}');
        $waiting = $this->send('GET', '/api/imports/'.$id);
        self::assertSame('waiting', $waiting['state']);
        $this->send('DELETE', '/api/imports/'.$id, null, self::change($waiting['version']));
        self::assertSame('cancelled', $this->send('GET', '/api/imports/'.$id)['state']);
        self::assertFalse($this->isKept($gym, $id), 'the file of a job that is over is thrown away');
        $import = $this->send_(
            "id,tag,cable_length_m,handle_length_m,family\r\n".self::id().",R1,2.3,0.15,beaded\r\n",
            'text/csv',
        );
        $this->send('DELETE', '/api/imports/'.$import['id'], null, self::change($import['version']));
        $this->send('POST', "/api/imports/{$import['id']}/agree", null, self::change($import['version'] + 1));
        self::workOff();
        self::assertSame([], $this->send('GET', '/api/rack'));
    }

    public function testAFileThatNobodyDecidedAboutIsThrownAwayAfterAWeek(): void
    {
        $gym = $this->signInto();
        $csv = "id,tag,cable_length_m,handle_length_m,family\r\n".self::id().",R1,2.3,0.15,beaded\r\n";
        [$old, $recent] = [$this->send_($csv, 'text/csv')['id'], $this->send_($csv, 'text/csv')['id']];
        self::connection()->executeStatement('UPDATE job SET created_at = created_at - INTERVAL 8 DAY WHERE id = ?', [
            Uuid::fromString($old)->toBinary(),
        ]);
        self::service(Chores::class)->doAll();
        self::assertSame(
            ['cancelled', 'preview'],
            [
                $this->send('GET', '/api/imports/'.$old)['state'],
                $this->send('GET', '/api/imports/'.$recent)['state'],
            ],
        );
        self::assertTrue($this->isKept($gym, $old), 'it goes an hour later');
        $age = 'UPDATE gym_file SET begun_at = begun_at - INTERVAL 2 HOUR WHERE gym_id = ?';
        self::connection()->executeStatement($age, [$gym->toBinary()]);
        self::service(Chores::class)->doAll();
        self::assertSame([false, true], [$this->isKept($gym, $old), $this->isKept($gym, $recent)]);
        self::workOff();
    }

    /** @phpstan-impure */
    private function isKept(Uuid $gym, string $id): bool
    {
        self::service(GymScope::class)->enter($gym);
        try {
            return self::files('imports')->has(Uuid::fromString($id));
        } finally {
            self::service(GymScope::class)->leave();
        }
    }

    public function testTheSameFileUnderTheSameIdIsOneImport(): void
    {
        $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/imports/'.$id, '{"format": "zumbo", "version": 1}');
        $this->assertStatus(201);
        $this->send('PUT', '/api/imports/'.$id, '{"format": "zumbo", "version": 1}');
        $this->assertStatus(200);
        $this->send('PUT', '/api/imports/'.$id, '{"format": "zumbo", "version": 2}');
        $this->assertStatus(409);
    }

    public function testOneAthleteGoesOutAlone(): void
    {
        $this->signInto();
        $one = $this->newAthlete();
        $other = $this->newAthlete();
        $file = json_decode($this->download('/api/export.json?athlete='.$one), true);
        self::assertSame([$one], array_column($file['athletes'], 'id'));
        self::assertSame([$one], array_column($file['statures'], 'athlete_id'));
        self::assertSame([], $file['rack']);
        self::assertStringNotContainsString($other, $this->download('/api/export/athletes.csv?athlete='.$one));
        $this->send('GET', '/api/export.json?athlete='.self::id());
        $this->assertStatus(404);
        $problem = $this->send('GET', '/api/export/shoes.csv');
        $this->assertStatus(422);
        self::assertSame('table', $problem['errors'][0]['field']);
    }

    public function testUploadsAreHeldToTypeAndSize(): void
    {
        $this->signInto();
        $problem = $this->send('PUT', '/api/imports/'.self::id(), 'x', ['Content-Type' => 'application/pdf']);
        self::assertSame(
            [415, 'Content-Type "application/pdf": application/json, text/csv or application/zip.'],
            [$this->response()->getStatusCode(), $problem['detail']],
        );
        $problem = $this->send('PUT', '/api/imports/'.self::id(), 'x', [
            'Content-Type' => 'text/csv',
            'Content-Length' => '400100000',
        ]);
        self::assertSame(
            [413, 'A file of 400.1 MB: at most 400 MB; part it by tables or athletes.'],
            [$this->response()->getStatusCode(), $problem['detail']],
        );
        $problem = $this->send('PUT', '/api/imports/'.self::id(), '', ['Content-Type' => 'text/csv']);
        self::assertSame(
            [422, 'The file is empty: choose one with rows.'],
            [$this->response()->getStatusCode(), $problem['detail']],
        );
    }

    public function testTheHealthNoteGoesOutToCoachesOnlyAndOwnersBringIn(): void
    {
        $gym = $this->signInto();
        $this->newAthlete();
        $this->signInto($gym, Role::Helper);
        $this->send('GET', '/api/export.json');
        $this->assertStatus(403);
        $this->signInto($gym, Role::Coach);
        $this->download('/api/export.json');
        $this->send('PUT', '/api/imports/'.self::id(), '{"format": "zumbo", "version": 1}');
        $this->assertStatus(403);
    }

    /**
     * @return list<mixed> what the screens are made of, but for what counts writes and names the gym
     */
    private function screens(): array
    {
        $said = [];
        foreach (['/api/athletes', '/api/class', '/api/rack', '/api/rack/tonight', '/api/rack/strip', '/api/cut-sheet'] as $path) {
            $said[] = $this->send('GET', $path);
        }
        foreach ($this->send('GET', '/api/athletes') as $athlete) {
            foreach (['', '/today', '/sizing', '/trim', '/fit', '/cautions', '/judgement'] as $part) {
                $said[] = $this->send('GET', '/api/athletes/'.$athlete['id'].$part);
            }
        }
        $counted = ['revision', 'version', 'Zumbo-Revision'];
        array_walk_recursive($said, static function (mixed &$value, int|string $key) use ($counted): void {
            $value = \in_array($key, $counted, true) ? 0 : $value;
        });

        return $said;
    }

    private function gymWithEverything(): Uuid
    {
        $gym = $this->signInto();
        $this->send('PATCH', '/api/gym', [
            'timeZone' => 'Asia/Tokyo',
            'unit' => 'ft-in',
            'trimSchool' => 'goal-length',
            'beginnersSchool' => 'below-chest',
            'handle' => '12 cm',
            'ceiling' => '3.1 m',
            'stance' => 'one-foot',
            'reading' => 'cable-end',
            'classTimes' => "Tue 18:30 Evening class\nThu 7 pm",
        ], self::change(1));
        $this->assertStatus(200);
        $this->send('PUT', '/api/notes/'.self::id(), ['text' => "=new mats,\n\"soft\""]);
        $this->assertStatus(201);
        foreach (
            [
                ['name' => 'Ann "Speedy", of Wrenmouth', 'cautions' => ['bone'], 'cautionNote' => "=two\nlines"],
                ['name' => "'+Bo", 'birthYear' => 2013, 'guardianConsent' => true],
            ] as $with
        ) {
            $id = self::id();
            $this->send('PUT', '/api/athletes/'.$id, self::athlete($with));
            $this->send('PUT', '/api/ropes/'.self::id(), [
                'athleteId' => $id,
                'school' => 'armpit',
                'stance' => null,
                'handle' => '15',
                'family' => 'thick-cord',
            ]);
            $this->send('PUT', '/api/cautions/'.($pain = self::id()), [
                'athleteId' => $id,
                'caution' => 'pain',
                'place' => 'shin',
                'degree' => 4,
                'note' => 'both sides',
            ]);
            $this->send('POST', "/api/cautions/$pain/clear", ['note' => 'gone, "really"'], self::change(1));
            $this->assertStatus(200);
            $this->send('PUT', '/api/stops/'.self::id(), ['athleteId' => $id, 'why' => 'temper']);
            $this->assertStatus(201);
            foreach (
                [
                    ['kind' => 'streak', 'reps' => 23, 'end' => 'miss'],
                    ['kind' => 'sum', 'reps' => 140, 'misses' => 6],
                    [
                        'kind' => 'streak',
                        'reps' => 9,
                        'end' => 'stopped',
                        'drill' => 'ladder-rising',
                        'at' => '2026-01-31T23:30:00Z',
                    ],
                ] as $entry
            ) {
                $this->send('PUT', '/api/attempts/'.self::id(), $entry + ['athleteId' => $id, 'drill' => 'hundred']);
                $this->assertStatus(201);
            }
            $focus = self::id();
            $this->send('PUT', '/api/focuses/'.$focus, [
                'athleteId' => $id,
                'fault' => 'tension',
                'signs' => ['shoulders-up'],
            ]);
            $this->send('PUT', '/api/goes/'.self::id(), ['focusId' => $focus, 'outcome' => 'better']);
            $this->assertStatus(201);
        }
        self::assertSame(
            ['done', 0],
            $this->bringIn(
                "id,tag,cable_length_m,handle_length_m,family\r\n".self::id().",R1,2.3,0.15,beaded\r\n",
                'text/csv',
            ),
        );
        $this->ropeDesk($id);
        $this->evening($gym, $id);

        return $gym;
    }

    /** A class in the calendar, who was there, and a pin. */
    private function evening(Uuid $gym, string $athlete): void
    {
        self::connection()->insert('class_hour', [
            'gym_id' => $gym->toBinary(),
            'id' => Uuid::v7()->toBinary(),
            'name' => 'Tuesday, the "long" one',
            'local_day' => '2026-11-24',
            'starts_at' => '2026-11-24 18:30:00',
        ]);
        $this->send('PUT', '/api/attendance/'.self::id(), ['athleteId' => $athlete, 'mark' => 'left']);
        $this->assertStatus(204);
        $rope = self::id();
        $this->send('PUT', '/api/rack/'.$rope, ['tag' => 'R9', 'cable' => '244', 'handle' => '15', 'family' => 'thick-cord']);
        $this->send('PUT', '/api/pins/'.self::id(), ['athleteId' => $athlete, 'rackRopeId' => $rope]);
        $this->assertStatus(201);
    }

    /**
     * Taped landmarks, an own cable and a rope of it that was looked over, a shared rope that failed, one that was
     * handed out.
     */
    private function ropeDesk(string $athlete): void
    {
        $this->send(
            'PATCH',
            '/api/athletes/'.$athlete.'/measures',
            ['armpit' => '131', 'trimSchool' => 'goal-length'],
            self::change(1),
        );
        [$cable, $rope, $sound, $failed] = [self::id(), self::id(), self::id(), self::id()];
        $this->send('PUT', '/api/cables/'.$cable, [
            'name' => 'blue, "new"',
            'diameterMm' => 2.5,
            'piece' => '2 m',
            'grams' => 24.4,
        ]);
        $this->send('PUT', '/api/ropes/'.$rope, [
            'athleteId' => $athlete,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
            'cableId' => $cable,
        ]);
        $this->send('POST', '/api/ropes/'.$rope.'/inspection', ['failed' => []], self::change(1));
        foreach ([[$sound, 'R2'], [$failed, 'R3']] as [$id, $tag]) {
            $this->send('PUT', '/api/rack/'.$id, [
                'tag' => $tag,
                'cable' => '244',
                'handle' => '15',
                'family' => 'thick-cord',
                'keptBack' => true,
            ]);
        }
        $this->send(
            'POST',
            '/api/rack/'.$failed.'/inspection',
            ['failed' => ['no-kinks', 'ends-safe']],
            self::change(1),
        );
        $this->send('PUT', '/api/nights/'.self::id(), [
            'pairs' => [['athleteId' => $athlete, 'rackRopeId' => $sound]],
        ]);
        $this->assertStatus(201);
    }

    /** The gym's own name is no row. */
    private static function withoutGym(string $json): string
    {
        return (string) preg_replace('/^"gym": .*$/m', '', $json);
    }
}
