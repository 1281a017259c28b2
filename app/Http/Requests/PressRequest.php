<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Practice\Bench\PressSimulator;
use CleanRace\Core\Seating\Press\PressSetup;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;

/** What a press gauge is told to begin with. A simulated one plays the kind of seating it is told; a real one pays no heed. */
final class PressRequest extends FormRequest
{
    /** @return array<string, list<string|Enum|In>> */
    public function rules(): array
    {
        return [
            'id' => ['sometimes', 'string', 'uuid'],
            'kind' => ['sometimes', 'string', Rule::in(array_map(static fn ($k): string => $k->value, PressSimulator::KINDS))],
            'seed' => ['sometimes', 'integer', 'min:0', 'max:1000000'],
            'pace' => ['sometimes', 'numeric', 'between:0.5,20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Each pressing carries an id of its own, a UUID.',
            'kind.*' => 'That is no kind of seating.',
            'seed.*' => 'A seed is a whole number.',
            'pace.*' => 'The pace is a number from 0.5 to 20.',
        ];
    }

    /** @return array<string, string|int|float> */
    public function begin(PressSetup $setup): array
    {
        return [
            'grip_mm' => $setup->grip->mm,
            'home_mm' => $setup->home->mm,
            'slide_n' => ($setup->low->newtons + $setup->high->newtons) / 2,
            'kind' => $this->string('kind', 'good')->toString(),
            'seed' => $this->integer('seed', 1),
            'pace' => $this->float('pace', 1.0),
        ];
    }
}
