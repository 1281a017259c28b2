<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Bench\ShopFields;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Rules\Password;

/** A shop that begins, and its first person. */
final class BeginRequest extends FormRequest
{
    /** @return array<string, list<string|Enum|In|Password>> */
    public function rules(): array
    {
        return [
            ...ShopFields::rules('shop.'),
            'shop.name' => ['required', 'string', 'max:80'],
            'person.name' => ['required', 'string', 'max:80'],
            'person.email' => ['required', 'string', 'email', 'max:200'],
            'person.password' => ['required', 'string', NewPassword::rule()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ShopFields::messages('shop.') + [
            'person.name.*' => 'Type your name, in at most 80 letters.',
            'person.email.*' => 'Type the e-mail address you will sign in with.',
            'person.password.min' => 'Choose a password of at least '.NewPassword::LEAST.' signs.',
            'person.password.required' => 'Choose a password.',
        ];
    }

    /**
     * @return array<string, string|int|bool|null> of the shop, by column
     *
     * @throws InvalidInput
     */
    public function shop(): array
    {
        /** @var array<string, mixed> $typed */
        $typed = $this->validated('shop');

        return ShopFields::columns($typed, 'shop.');
    }

    /** @return array{name: string, email: string, password: string} */
    public function person(): array
    {
        return [
            'name' => $this->string('person.name')->trim()->toString(),
            'email' => $this->string('person.email')->trim()->lower()->toString(),
            'password' => $this->string('person.password')->toString(),
        ];
    }
}
