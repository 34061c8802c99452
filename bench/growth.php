<?php

declare(strict_types=1);

/*
 * Generates straight into the database of DATABASE_URL: fifty gyms of sixty athletes with the log of two weeks ("few"), and
 * then ("many") all of three years, some two million entries; or ("classes") a gym of seventy (51) and one of fourteen (52)
 * with three years.
 * Usage: growth.php few|many|classes
 */

const GYMS = 50;
const ATHLETES = 60;
const WEEKS = 156;
const EMAIL = 'grown@saltmarsh.example';

$url = parse_url((string) getenv('DATABASE_URL'));
parse_str($url['query'] ?? '', $query);
$socket = is_string($query['unix_socket'] ?? null) ? $query['unix_socket'] : '';
$database = new PDO(
    sprintf('mysql:unix_socket=%s;dbname=%s', $socket, ltrim($url['path'] ?? '', '/')),
    $url['user'] ?? '',
    $url['pass'] ?? '',
);

$id = static fn (string $time, string $kind, string $number, string $gym = 'g.seq'): string => sprintf(
    "UNHEX(CONCAT(%s, '7', LPAD(HEX(%s), 3, '0'), '8%03d', LPAD(HEX(%s), 12, '0')))",
    $time,
    $gym,
    $kind,
    $number,
);
$old = "'019000000000'";
$gym = $id($old, '0', '1');
$athlete = $id($old, '1', 'a.seq');
$at = sprintf('(CURDATE() - INTERVAL 7 * (%d - w.seq) + 1 DAY + INTERVAL 18 HOUR)', WEEKS);
$time = "LPAD(HEX(1000 * UNIX_TIMESTAMP($at)), 12, '0')";
$practice = $id($time, '2', 'a.seq');
$set = $id($time, '3', 'a.seq');
$stages = "ELT(1 + a.seq % 10, 'jump', 'turn', 'join', 'singles', 'range', 'snap', 'mix', 'link', 'hold', 'workout')";

$people = static function (int $gyms, int $athletes, int $first = 1) use ($database, $id, $old, $gym, $athlete, $stages): void {
    $database->exec("INSERT IGNORE INTO gym (id, name, time_zone, unit)
        SELECT $gym, CONCAT('Gym ', g.seq), 'Europe/London', 'cm' FROM seq_{$first}_to_$gyms g");
    $database->exec("INSERT IGNORE INTO coach (gym_id, id, email, name, role, password_hash)
        SELECT $gym, ".$id($old, '9', '1').", CONCAT(g.seq, '".EMAIL."'), 'Grown', 'owner', (SELECT MIN(c.password_hash) FROM coach c)
        FROM seq_{$first}_to_$gyms g");
    $database->exec("INSERT IGNORE INTO athlete
        (gym_id, id, name, stature_m, dominant_hand, experience, created_at, stage, tag, guardian_consent)
        SELECT $gym, $athlete, CONCAT('Grown ', a.seq), 1.5 + a.seq / 200, 'right', 'none', '2020-01-01', $stages,
            CONCAT(CHAR(97 + a.seq DIV 26), CHAR(97 + a.seq % 26)), 0
        FROM seq_{$first}_to_$gyms g JOIN seq_1_to_$athletes a");
    // A first rope, and the one they have had for as long as there is a log: how it went is told of all of it.
    foreach ([1 => '2020-01-01', 2 => '2020-06-01'] as $number => $day) {
        $database->exec("INSERT IGNORE INTO rope (gym_id, id, athlete_id, cable_length_m, handle_length_m, family, school, stance,
                computed_cable_m, override_reason, created_at)
            SELECT $gym, ".$id($old, '7', "a.seq * 4 + $number").", $athlete, 2.5 - $number / 20, 0.15, 'thin-wire', 'armpit', 'one-foot',
                2.4, 'bench', '$day' FROM seq_{$first}_to_$gyms g JOIN seq_1_to_$athletes a");
    }
};
$weeks = static function (int $from, int $to, string $gyms, int $athletes) use (
    $database,
    $gym,
    $athlete,
    $practice,
    $set,
    $at,
    $time,
    $id,
    $stages,
): void {
    $of = "FROM $gyms g JOIN seq_{$from}_to_$to w JOIN seq_1_to_$athletes a";
    $database->exec("INSERT INTO practice (gym_id, id, athlete_id, local_day, started_at)
        SELECT $gym, $practice, $athlete, DATE($at), $at $of");
    $database->exec("INSERT INTO practice_set (gym_id, id, practice_id, drill, stage)
        SELECT $gym, $set, $practice, 'hundred', $stages $of");
    $database->exec("INSERT INTO attempt
        (gym_id, id, set_id, athlete_id, stage, kind, reps, misses, ended, clean, logged_at, logged_by)
        SELECT $gym, ".$id($time, '4', 'a.seq * 16 + e.seq').", $set, $athlete, $stages,
            IF(e.seq % 2, 'streak', 'sum'), 10 + (a.seq + w.seq * e.seq) % 40, IF(e.seq % 2, 0, 1 + w.seq % 3),
            IF(e.seq % 2, 'miss', NULL), 1, $at + INTERVAL e.seq MINUTE, 'Grown' $of JOIN seq_1_to_4 e");
};

if ('few' === ($argv[1] ?? '')) {
    $people(GYMS, ATHLETES);
    $weeks(WEEKS - 1, WEEKS, 'seq_1_to_'.GYMS, ATHLETES);

    return;
}
if ('many' === ($argv[1] ?? '')) {
    $weeks(1, WEEKS - 2, 'seq_1_to_'.GYMS, ATHLETES);

    return;
}
foreach ([GYMS + 1 => 70, GYMS + 2 => 14] as $number => $athletes) {
    $people($number, $athletes, $number);
    $weeks(1, WEEKS, sprintf('seq_%d_to_%d', $number, $number), $athletes);
}
