<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\JobFile\ShopKey;
use Closure;
use Illuminate\Foundation\Http\FormRequest;

final class AcceptKeyRequest extends FormRequest
{
    /** @return array<string, list<string|Closure>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'max:44', self::isKey(...)],
            'name' => ['required', 'string', 'max:120'],
            'fingerprint' => ['required', 'string', 'max:40', $this->isOfThisKey(...)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'key.*' => 'That is no key of a shop.',
            'name.*' => 'Say whose key it is, in at most 120 letters.',
            'fingerprint.required' => 'Type the fingerprint that the other shop reads to you.',
            'fingerprint.max' => 'That is longer than a fingerprint.',
        ];
    }

    private static function isKey(string $field, mixed $value, Closure $fail): void
    {
        $bytes = is_string($value) ? base64_decode($value, true) : false;
        if (! is_string($bytes) || strlen($bytes) !== SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES) {
            $fail('That is no key of a shop.');
        }
    }

    private function isOfThisKey(string $field, mixed $value, Closure $fail): void
    {
        $typed = is_string($value) ? strtoupper((string) preg_replace('/[^0-9A-Fa-f]/', '', $value)) : '';
        if ($typed !== str_replace('-', '', ShopKey::fingerprint($this->string('key')->toString()))) {
            $fail('That is not the fingerprint of this key: it is another shop, or the file was changed on its way.');
        }
    }
}
