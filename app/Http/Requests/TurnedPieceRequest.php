<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Hub\Drawing\Draft;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use Illuminate\Foundation\Http\FormRequest;

/** Sizes of a piece to turn, in mm: from and to where a range will do. */
final class TurnedPieceRequest extends FormRequest
{
    private const SIZE = ['numeric', 'between:0,1000'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'title' => ['sometimes', 'nullable', 'string', 'max:60'],
            'outside' => ['required', ...self::SIZE],
            'outside_to' => ['sometimes', 'nullable', ...self::SIZE],
            'bore' => ['sometimes', 'nullable', ...self::SIZE],
            'bore_to' => ['sometimes', 'nullable', ...self::SIZE],
            'length' => ['required', ...self::SIZE],
            'nose' => ['sometimes', 'nullable', ...self::SIZE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            '*.required' => 'Give its outside and its length, in mm.',
            '*.numeric' => 'Sizes are numbers, in mm.',
            '*.between' => 'Sizes lie between 0 and 1000 mm.',
            'title.*' => 'The title has at most 60 letters.',
        ];
    }

    /** @throws InvalidInput when no such piece can be made */
    public function draft(): Draft
    {
        $bore = $this->float('bore');
        $nose = $this->float('nose');
        $outside = $this->float('outside_to') > 0 ? $this->float('outside_to') : $this->float('outside');

        return Draft::turned(
            $this->string('title', 'To make')->toString(),
            Length::mm($outside),
            $this->range('outside'),
            $bore > 0 ? Length::mm($bore) : null,
            $bore > 0 ? $this->range('bore') : '',
            Length::mm($this->float('length')),
            sprintf('%.2f mm', $this->float('length')),
            $nose > 0 ? Length::mm($nose) : null,
        );
    }

    private function range(string $field): string
    {
        $to = $this->float($field.'_to');

        return $to > $this->float($field) ? sprintf('%.2f to %.2f', $this->float($field), $to) : sprintf('%.2f', $this->float($field));
    }
}
