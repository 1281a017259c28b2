<?php

declare(strict_types=1);

namespace App\JobFile;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/** The key that a shop signs with: Ed25519, made when it is first wanted; its secret half is kept encrypted. */
final readonly class ShopKey
{
    private const SHOWN_BYTES = 10;

    private function __construct(public string $public, private string $secret)
    {
    }

    public static function of(int $shop): self
    {
        $kept = DB::table('shop_keys')->where('shop_id', $shop)->first();
        if ($kept === null) {
            $pair = sodium_crypto_sign_keypair();
            DB::table('shop_keys')->insertOrIgnore([
                'shop_id' => $shop,
                'public_key' => base64_encode(sodium_crypto_sign_publickey($pair)),
                'secret' => Crypt::encryptString(base64_encode(sodium_crypto_sign_secretkey($pair))),
                'made_at' => Carbon::now(),
            ]);
            // Two who come at once have one key: the first.
            $kept = DB::table('shop_keys')->where('shop_id', $shop)->first();
        }

        return new self((string) $kept?->public_key, (string) $kept?->secret);
    }

    /** @return string base64 */
    public function signatureOf(string $text): string
    {
        $secret = (string) base64_decode(Crypt::decryptString($this->secret), true);

        return $secret === '' ? '' : base64_encode(sodium_crypto_sign_detached($text, $secret));
    }

    /** What two people read to each other to know that they mean the same key: 80 bits, in groups of four. */
    public static function fingerprint(string $public): string
    {
        return wordwrap(strtoupper(substr(hash('sha256', (string) base64_decode($public, true)), 0, 2 * self::SHOWN_BYTES)), 4, '-', true);
    }
}
