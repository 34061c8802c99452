<?php

declare(strict_types=1);

// db-health.php ADDRESS:PORT SOCKET: says over HTTP whether the database of this machine may be used. HAProxy asks it twice a
// second; a database that answers but belongs to no quorum, or is being filled, must not be written to.
[, $address, $socket] = $argv;
$server = stream_socket_server('tcp://'.$address, $code, $why) ?: throw new RuntimeException("$address: $why");
$state = static function () use ($socket): string {
    try {
        $database = new PDO("mysql:unix_socket=$socket", 'health', (string) getenv('DB_PASSWORD'), [PDO::ATTR_TIMEOUT => 1]);
        $said = $database->query("SHOW STATUS WHERE Variable_name IN ('wsrep_ready', 'wsrep_local_state', 'wsrep_cluster_status')")
            ?->fetchAll(PDO::FETCH_KEY_PAIR) ?: [];
    } catch (PDOException $e) {
        return $e->getMessage();
    }
    // 4: in step; 2: lends its rows to one that joins.
    $usable = 'ON' === ($said['wsrep_ready'] ?? '') && in_array($said['wsrep_local_state'] ?? '', ['2', '4'], true)
        && 'Primary' === ($said['wsrep_cluster_status'] ?? '');

    return $usable ? '' : json_encode($said, JSON_THROW_ON_ERROR);
};
while (true) {
    $client = @stream_socket_accept($server, 3600);
    if (false === $client) {
        continue;
    }
    stream_set_timeout($client, 1);
    fgets($client);
    $fault = $state();
    fwrite($client, sprintf(
        "HTTP/1.0 %s\r\nContent-Type: text/plain\r\nConnection: close\r\n\r\n%s\n",
        '' === $fault ? '200 OK' : '503 Service Unavailable',
        '' === $fault ? 'in step' : $fault,
    ));
    fclose($client);
}
