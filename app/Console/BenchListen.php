<?php

declare(strict_types=1);

namespace App\Console;

use App\Shapes\Json;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Finding\HeardWheel;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Listen\Listen;
use CleanRace\Core\Sound\Listen\ListenResult;
use CleanRace\Core\Sound\SpinDown\Passes;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Verdict\Message;
use Illuminate\Console\Command;

/** Listens to a recording on the command line: a WAV file in, JSON out, no database. */
final class BenchListen extends Command
{
    protected $signature = 'bench:listen {file : a recording of a spun wheel, WAV} '
        .'{--bearing= : its number, such as 6204} '
        .'{--turning=outer : the ring that turns: outer or inner} '
        .'{--passes= : when the mark passed, in seconds: 0.41,0.92,…} '
        .'{--freehub : the hub has one} '
        .'{--before= : a recording of the same wheel from before} '
        .'{--before-passes= : when the mark passed then}';

    protected $description = 'Listen to a recording of a spun wheel: what it tells, as JSON';

    public function handle(Listen $listen): int
    {
        try {
            $result = $this->listen($listen);
        } catch (InvalidInput $invalid) {
            $this->write(['errors' => [['field' => $invalid->field ?? 'file', 'detail' => $invalid->getMessage()]]]);

            return self::FAILURE;
        }
        /** @var array<string, mixed> $said */
        $said = json_decode((string) json_encode(Json::of($result), JSON_PRESERVE_ZERO_FRACTION), true);
        // On a terminal, the reasons as sentences and no picture.
        $said['why'] = array_map(self::sentence(...), $result->why);
        if ($result->comparison !== null) {
            $said['comparison']['words'] = array_map(self::sentence(...), $result->comparison->words);
        }
        unset($said['picture'], $said['verdict']);
        $this->write($said);

        return self::SUCCESS;
    }

    /** @throws InvalidInput */
    private function listen(Listen $listen): ListenResult
    {
        $turning = TurningRing::tryFrom((string) $this->option('turning'))
            ?? throw InvalidInput::about('turning', 'Say outer or inner: the ring that turns.');
        $number = $this->said('bearing');
        $ranges = $listen->ranges($number, null, null, $turning);
        $hear = fn (string $path, string $field, string $passes): HeardWheel => $listen->hear(
            self::file($path, $field),
            Taps::at($this->said($passes) === null ? [] : Passes::times($this->said($passes), $passes)),
            $ranges,
            Beside::any($this->option('freehub') === true ? true : null),
        );
        $before = $this->said('before');
        $heard = $hear((string) $this->argument('file'), 'file', 'passes');

        return $listen->said($heard, $ranges, $before === null ? null : $hear($before, 'before', 'before-passes'));
    }

    private function said(string $option): ?string
    {
        $said = $this->option($option);

        return is_string($said) && trim($said) !== '' ? $said : null;
    }

    /** @throws InvalidInput when there is no such file, or it is no recording */
    private static function file(string $path, string $field): WaveFile
    {
        $stream = is_file($path) ? @fopen($path, 'rb') : false;
        if ($stream === false) {
            throw InvalidInput::about($field, 'There is no such file, or it cannot be read.');
        }

        return WaveFile::of($stream);
    }

    private static function sentence(Message $message): string
    {
        return $message->inEnglish();
    }

    /** @param  array<string, mixed>  $said */
    private function write(array $said): void
    {
        $how = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;
        $this->output->write(json_encode($said, $how)."\n", false, $this->output::OUTPUT_RAW);
    }
}
