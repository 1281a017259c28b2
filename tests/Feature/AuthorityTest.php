<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use OpenSSLCertificateSigningRequest;
use Tests\TestCase;

/** The shop's own certificate authority, as ./start --lan makes it. */
final class AuthorityTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/authority-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_it_is_made_once_and_signs_a_certificate_of_all_names_and_addresses(): void
    {
        $fingerprint = $this->made('workshop.test', '192.0.2.7', '2001:db8::7');
        $server = $this->certificate('server');
        $names = 'DNS:workshop.test, IP Address:192.0.2.7, IP Address:2001:DB8:0:0:0:0:0:7';
        self::assertSame($names, $server['extensions']['subjectAltName']);
        self::assertSame('TLS Web Server Authentication', $server['extensions']['extendedKeyUsage']);
        self::assertSame('CA:FALSE', $server['extensions']['basicConstraints']);
        $days = ($server['validTo_time_t'] - $server['validFrom_time_t']) / 86_400;
        self::assertGreaterThan(390, $days);
        self::assertLessThanOrEqual(397, $days);

        $authority = (string) file_get_contents("$this->folder/authority.crt");
        self::assertSame(1, openssl_x509_verify((string) file_get_contents("$this->folder/server.crt"), $authority));
        self::assertSame('CA:TRUE, pathlen:0', $this->certificate('authority')['extensions']['basicConstraints']);
        self::assertSame(str_replace(':', '', $fingerprint), strtoupper((string) openssl_x509_fingerprint($authority, 'sha256')));
        foreach (['authority.key', 'server.key'] as $secret) {
            self::assertSame('600', decoct((int) fileperms("$this->folder/$secret") & 0o777), $secret);
        }
    }

    public function test_a_certificate_stays_until_the_machine_has_other_addresses_or_it_ends_soon(): void
    {
        $fingerprint = $this->made('workshop.test', '192.0.2.7');
        $serial = $this->certificate('server')['serialNumber'];
        self::assertSame($fingerprint, $this->made('workshop.test', '192.0.2.7'));
        self::assertSame($serial, $this->certificate('server')['serialNumber']);
        self::assertSame($fingerprint, $this->made('workshop.test', '192.0.2.8'), 'devices trust it as before');
        $other = $this->certificate('server')['serialNumber'];
        self::assertNotSame($serial, $other);
        // One that ends tomorrow, for the same names.
        $key = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']);
        self::assertNotFalse($key);
        $request = openssl_csr_new(['commonName' => 'workshop.test'], $key);
        self::assertInstanceOf(OpenSSLCertificateSigningRequest::class, $request);
        $short = openssl_csr_sign($request, null, $key, 1, ['digest_alg' => 'sha256']);
        self::assertNotFalse($short);
        openssl_x509_export_to_file($short, "$this->folder/server.crt");
        $this->made('workshop.test', '192.0.2.8');
        self::assertGreaterThan(time() + 300 * 86_400, $this->certificate('server')['validTo_time_t']);
    }

    /** The fingerprint that is printed. */
    private function made(string ...$names): string
    {
        $ran = Process::run([PHP_BINARY, base_path('ops/authority.php'), $this->folder, ...array_values($names)])->throw();
        self::assertMatchesRegularExpression('/^([0-9A-F]{2}:){31}[0-9A-F]{2}\n$/', $ran->output());

        return trim($ran->output());
    }

    /** @return array<string, mixed> */
    private function certificate(string $name): array
    {
        $read = openssl_x509_parse((string) file_get_contents("$this->folder/$name.crt"));
        self::assertIsArray($read);

        return $read;
    }
}
