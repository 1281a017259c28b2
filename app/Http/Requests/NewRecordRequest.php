<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Conflicts\Conflict;
use App\Models\Role;
use App\Models\User;
use App\SignIn\BenchCode;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

final class NewRecordRequest extends FormRequest
{
    /** A tablet whose battery ran down begins in 1970. */
    private const FIRST_YEAR = 2000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'uuid'],
            'place' => ['required', 'string', 'max:80'],
            'entry' => ['present', 'nullable', 'array'],
            'unit' => ['sometimes', 'string', 'in:mm,in'],
            'instrument' => ['sometimes', 'nullable', 'string', 'max:24'],
            'made_at' => ['sometimes', 'date'],
            'author' => ['sometimes', 'integer', 'min:1', 'max:2147483647'],
            'vouched' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Each record carries an id of its own, a UUID.',
            'place.*' => 'Say which place of the job the record is for.',
            'entry.*' => 'The entry is an object, or null to withdraw what stands there.',
            'unit.*' => 'Units are mm or in.',
            'instrument.*' => 'That is not an instrument.',
            'made_at.*' => 'When it was made must be a date and time.',
            'author.*' => 'Who made it is a number.',
            'vouched.*' => 'Say whether the owner says yes to it.',
        ];
    }

    /** When it was made, by the clock of whoever made it; where that clock cannot be right, when it came. */
    public function madeAt(): Carbon
    {
        $now = Carbon::now();
        $said = $this->filled('made_at') ? Carbon::parse($this->string('made_at')->toString())->utc() : $now;

        return $said->year < self::FIRST_YEAR ? $now : $said->min($now);
    }

    /**
     * What waited in a browser belongs to who typed it, whoever has signed in there since. Of somebody who cannot send it
     * any more the owner says yes: it is kept under their name all the same.
     *
     * @throws Conflict when that is not who sends it, and the owner did not say yes
     */
    public function author(User $user): User
    {
        if (! $this->filled('author') || $this->integer('author') === $user->id) {
            return $user;
        }
        // Of an owner who took over by a short code it is not enough.
        $byCode = $this->hasSession() && $this->session()->has(BenchCode::TAKEN);
        $author = $this->boolean('vouched') && $user->role === Role::Owner && ! $byCode
            ? User::query()->where('shop_id', $user->shop_id)->find($this->integer('author'))
            : null;

        return $author ?? throw Conflict::otherPerson();
    }

    /** @return ?array<string, mixed> */
    public function entry(): ?array
    {
        $entry = $this->input('entry');

        return is_array($entry) ? $entry : null;
    }
}
