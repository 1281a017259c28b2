<?php

declare(strict_types=1);

/*
 * The shop's own certificate authority, made once, and a certificate of this machine signed by it:
 * php ops/authority.php DIRECTORY NAME-OR-ADDRESS...
 * The certificate is made anew when it ends within thirty days, or when the machine has other names or addresses.
 * Prints the fingerprint of the authority, as tablets and phones show it.
 */

const AUTHORITY_DAYS = 3650;

/** No longer: browsers refuse what holds more than 398. */
const SERVER_DAYS = 397;

const RENEW_DAYS = 30;

[$directory, $names] = [$argv[1] ?? '', array_values(array_unique(array_slice($argv, 2)))];
if ($directory === '' || $names === []) {
    fwrite(STDERR, "php ops/authority.php DIRECTORY NAME-OR-ADDRESS...\n");
    exit(2);
}
is_dir($directory) || mkdir($directory, 0o700, true);

/** Keeps a file that only its owner may read, whole or not at all. */
$keep = static function (string $name, string $content) use ($directory): void {
    $old = umask(0o077);
    file_put_contents("$directory/$name.new", $content);
    umask($old);
    chmod("$directory/$name.new", 0o600);
    rename("$directory/$name.new", "$directory/$name");
};
$fail = static function (): never {
    fwrite(STDERR, 'OpenSSL: '.openssl_error_string()."\n");
    exit(1);
};
$key = static fn () => openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']) ?: $fail();

/** A certificate for a key: signed by the issuer, or by itself. */
$certificate = static function (string $called, $own, array $extensions, int $days, $issuer, $issuerKey) use ($fail): string {
    $config = tempnam(sys_get_temp_dir(), 'ca');
    $lines = array_map(static fn (string $name, string $value): string => "$name = $value", array_keys($extensions), $extensions);
    file_put_contents($config, "[req]\ndistinguished_name = dn\n[dn]\n[ext]\n".implode("\n", $lines)."\n");
    $options = ['config' => $config, 'digest_alg' => 'sha256', 'x509_extensions' => 'ext'];
    $request = openssl_csr_new(['commonName' => $called], $own, ['config' => $config, 'digest_alg' => 'sha256']) ?: $fail();
    $signed = openssl_csr_sign($request, $issuer, $issuerKey, $days, $options, random_int(1, PHP_INT_MAX)) ?: $fail();
    unlink($config);
    openssl_x509_export($signed, $written) || $fail();

    return $written;
};
$export = static function ($key) use ($fail): string {
    openssl_pkey_export($key, $written) || $fail();

    return $written;
};

if (! is_file("$directory/authority.crt")) {
    $own = $key();
    $keep('authority.key', $export($own));
    $keep('authority.crt', $certificate(
        'Clean Race, '.gethostname(),
        $own,
        [
            'basicConstraints' => 'critical, CA:TRUE, pathlen:0',
            'keyUsage' => 'critical, keyCertSign, cRLSign',
            'subjectKeyIdentifier' => 'hash',
        ],
        AUTHORITY_DAYS,
        null,
        $own,
    ));
}
$authority = (string) file_get_contents("$directory/authority.crt");
$called = implode(', ', array_map(
    static fn (string $name): string => (filter_var($name, FILTER_VALIDATE_IP) === false ? 'DNS:' : 'IP:').$name,
    $names,
));
$there = is_file("$directory/server.crt") ? openssl_x509_parse((string) file_get_contents("$directory/server.crt")) : false;
$holds = is_array($there) &&
    $there['validTo_time_t'] > time() + RENEW_DAYS * 86_400 &&
    is_file("$directory/server.names") &&
    file_get_contents("$directory/server.names") === $called;
if (! $holds) {
    $own = $key();
    $signed = $certificate(
        $names[0],
        $own,
        [
            'basicConstraints' => 'critical, CA:FALSE',
            'keyUsage' => 'critical, digitalSignature',
            'extendedKeyUsage' => 'serverAuth',
            'subjectAltName' => $called,
        ],
        SERVER_DAYS,
        $authority,
        (string) file_get_contents("$directory/authority.key"),
    );
    $keep('server.key', $export($own));
    $keep('server.crt', $signed.$authority);
    $keep('server.names', $called);
}
echo implode(':', str_split(strtoupper((string) openssl_x509_fingerprint($authority, 'sha256')), 2)), "\n";
