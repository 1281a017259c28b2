<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Measure\Typed\GaugeText;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Measure\Typed\TorqueText;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\ToolList;
use CleanRace\Core\Tooling\WallTool;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** A tool as somebody typed it: sizes in the unit they work in, a press in tonnes or newtons, a wrench in N·m or foot-pounds. */
final class NewToolRequest extends FormRequest
{
    private const SIZES = ['outside_mm', 'opening_mm', 'length_mm', 'across_mm', 'ram_mm', 'pitch_mm', 'plus_minus_mm'];

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'kind' => ['required', 'string', Rule::enum(ToolKind::class)],
            'capacity' => ['sometimes', 'nullable', 'string', 'max:30'],
            'torque_low' => ['sometimes', 'nullable', 'string', 'max:30'],
            'torque_high' => ['sometimes', 'nullable', 'string', 'max:30'],
            'count' => ['sometimes', 'nullable', 'integer', 'between:1,999'],
            'reads' => ['sometimes', 'nullable', Rule::enum(Instrument::class)],
            'unit' => ['sometimes', 'string', 'in:mm,in'],
        ] + array_fill_keys(self::SIZES, ['sometimes', 'nullable']);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give the tool a name, in at most 60 letters.',
            'kind.*' => 'Choose what kind of tool it is.',
            'count.*' => 'How many of them hang there is a whole number from 1 to 999.',
            'reads.*' => 'Choose which instrument it is.',
            'unit.*' => 'Units are mm or in.',
            '*.string' => 'Write it as text, with its unit.',
            '*.max' => 'That is too long.',
        ];
    }

    /** @throws InvalidInput with the field's name */
    public function tool(): WallTool
    {
        [$outside, $opening, $length, $across, $ram, $pitch, $plusMinus] = array_map($this->size(...), self::SIZES);

        return ToolList::checked(
            new WallTool(
                '',
                $this->string('name')->toString(),
                ToolKind::from($this->string('kind')->toString()),
                $opening,
                $outside,
                $length,
                $across,
                $ram,
                $pitch,
                $this->capacity(),
                $this->torque('torque_low'),
                $this->torque('torque_high'),
                $plusMinus,
                $this->integer('count', 1),
                $this->enum('reads', Instrument::class),
            ),
        );
    }

    private function size(string $field): ?Length
    {
        $typed = $this->input($field);
        if ($typed === null || $typed === '') {
            return null;
        }
        try {
            $length =
                is_int($typed) || is_float($typed)
                    ? Length::mm($typed)
                    : (new LengthText($this->string('unit', 'mm')->toString()))->read(is_string($typed) ? $typed : '');

            return $length->mm > 0 ? $length : throw InvalidInput::notPositive();
        } catch (InvalidInput $invalid) {
            throw InvalidInput::about($field, $invalid->getMessage());
        }
    }

    private function capacity(): ?Force
    {
        if (! $this->filled('capacity')) {
            return null;
        }
        try {
            $shown = (new GaugeText())->read($this->string('capacity')->toString());
        } catch (InvalidInput $invalid) {
            throw InvalidInput::about('capacity', $invalid->getMessage());
        }

        return $shown instanceof Force ? $shown : throw InvalidInput::about('capacity', 'What a press can do is a force: 12 t, 120 kN.');
    }

    private function torque(string $field): ?Torque
    {
        try {
            return $this->filled($field) ? (new TorqueText())->read($this->string($field)->toString()) : null;
        } catch (InvalidInput $invalid) {
            throw InvalidInput::about($field.'_nm', $invalid->getMessage());
        }
    }
}
