<?php

declare(strict_types=1);

/*
 * Requests per second of what screens ask for all evening, each as a full answer, beside a truly empty Symfony route (no
 * session, no database), 16 at a time, through nginx and php-fpm; and of the exports, one at a time.
 * Usage: routes.php ADDRESS EMAIL PASSWORD
 */

const ROUNDS = 8;
const AT_A_TIME = 150;

[, $address, $email, $password] = $argv;

$signIn = curl_init($address.'/api/sign-in');
curl_setopt_array($signIn, [
    \CURLOPT_POST => true,
    \CURLOPT_POSTFIELDS => (string) json_encode(['email' => $email, 'password' => $password]),
    \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'csrf-token: csrf-token', 'Origin: '.$address],
    \CURLOPT_COOKIEFILE => '',
    \CURLOPT_RETURNTRANSFER => true,
]);
curl_exec($signIn);
if (204 !== curl_getinfo($signIn, \CURLINFO_RESPONSE_CODE)) {
    fwrite(\STDERR, "could not sign in\n");
    exit(1);
}
$cookies = [];
foreach (curl_getinfo($signIn, \CURLINFO_COOKIELIST) as $line) {
    $parts = explode("\t", $line);
    $cookies[] = $parts[5].'='.$parts[6];
}
$cookie = implode('; ', $cookies);
if ('' === $cookie) {
    fwrite(\STDERR, "no session came back\n");
    exit(1);
}

$perSecond = static function (string $url, int $count, int $atOnce) use ($cookie): float {
    $multi = curl_multi_init();
    $left = $count;
    $failed = 0;
    $add = static function () use ($multi, $url, $cookie, &$left): void {
        --$left;
        $request = curl_init($url);
        curl_setopt_array($request, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIE => $cookie]);
        curl_multi_add_handle($multi, $request);
    };
    $start = hrtime(true);
    for ($i = 0; $i < $atOnce; ++$i) {
        $add();
    }
    do {
        curl_multi_exec($multi, $running);
        while (false !== ($done = curl_multi_info_read($multi))) {
            assert($done['handle'] instanceof CurlHandle);
            $failed += 200 === curl_getinfo($done['handle'], \CURLINFO_RESPONSE_CODE) ? 0 : 1;
            curl_multi_remove_handle($multi, $done['handle']);
            if ($left > 0) {
                $add();
                $running = 1;
            }
        }
        curl_multi_select($multi, 0.05);
    } while ($running > 0);
    if ($failed > 0) {
        fwrite(\STDERR, "$failed of $count requests failed\n");
        exit(1);
    }

    return $count / ((hrtime(true) - $start) / 1e9);
};
$read = static function (string $path) use ($address, $cookie): array {
    $one = curl_init($address.$path);
    curl_setopt_array($one, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIE => $cookie]);
    $answer = json_decode((string) curl_exec($one), true, 512, \JSON_THROW_ON_ERROR);
    assert(is_array($answer));

    return $answer;
};

$athletes = $read('/api/athletes');
assert(is_array($athletes[0]) && is_string($athletes[0]['id']));
$id = $athletes[0]['id'];
$revision = $read('/api/class')['revision'];
assert(is_int($revision));

$asked = [
    'empty' => '/api/health',
    'class' => '/api/class',
    'athletes' => '/api/athletes',
    'an athlete' => '/api/athletes/'.$id,
    'today' => "/api/athletes/$id/today",
    'changes' => '/api/changes?since='.($revision - 1),
    'rack' => '/api/rack',
];
// By turns: the machine's speed changes within seconds.
$seconds = array_fill_keys(array_keys($asked), 0.0);
for ($round = 0; $round <= ROUNDS; ++$round) {
    foreach ($asked as $name => $path) {
        $took = AT_A_TIME / $perSecond($address.$path, AT_A_TIME, 16);
        $seconds[$name] += 0 === $round ? 0.0 : $took;
    }
}
printf("routes: empty Symfony route %.0f/s\n", ROUNDS * AT_A_TIME / $seconds['empty']);
foreach (array_slice($seconds, 1) as $name => $took) {
    printf("routes: %s %.0f/s, ratio %.2f\n", $name, ROUNDS * AT_A_TIME / $took, $seconds['empty'] / $took);
}
$alone = $perSecond($address.'/api/health', 300, 1);
foreach (['export.json', 'export/attempts.csv'] as $name) {
    $rate = $perSecond($address.'/api/'.$name, 20, 1);
    printf("routes: %s of the demo %.0f/s alone, ratio %.2f\n", $name, $rate, $rate / $alone);
}
