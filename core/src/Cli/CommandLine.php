<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** The core's command line: a verb and JSON in, an exit code and JSON out. */
final readonly class CommandLine
{
    private const VERBS = [
        'battery' => BatteryVerb::class,
        'bridge' => BridgeVerb::class,
        'cables' => CablesVerb::class,
        'calibrate' => CalibrateVerb::class,
        'channels' => ChannelsVerb::class,
        'decode' => DecodeVerb::class,
        'fit' => FitVerb::class,
        'forecast' => ForecastVerb::class,
        'isolation' => IsolationVerb::class,
        'link' => LinkVerb::class,
        'mesh' => MeshVerb::class,
        'names' => NamesVerb::class,
        'order' => OrderVerb::class,
        'place' => PlaceVerb::class,
        'presses' => PressesVerb::class,
        'relays' => RelaysVerb::class,
        'sun' => SunVerb::class,
    ];

    private const JSON = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION;

    /** @return array{int, string} exit code and JSON */
    public static function answer(string $verb, string $json): array
    {
        try {
            $class = self::VERBS[$verb] ?? throw UnknownVerb::called($verb, array_keys(self::VERBS));

            $answer = json_encode((new $class)->answer(Input::parse($json)->inMeasure()), self::JSON);

            return strlen($answer) <= Input::MOST_BYTES ? [0, $answer] : throw InvalidInput::tooLarge(
                '$',
                'less: its answer has more than 20 MB',
            );
        } catch (InvalidInput $refused) {
            return [2, json_encode(['error' => [
                'code' => $refused->reason, 'message' => $refused->getMessage(), 'at' => $refused->at,
            ]], self::JSON)];
        }
    }
}
