<?php

declare(strict_types=1);

namespace App\House;

/** The certificate authority of the house: made by the front at its first start, kept in the data folder. */
final class Certificate
{
    /** Below the data folder; bin/serve.sh gives it out under `/pair/certificate.crt`. */
    private const PATH = 'house/caddy/pki/authorities/local/root.crt';

    /** SHA-256, in pairs of hex digits, as a phone shows it; null while there is none. */
    public static function fingerprint(): ?string
    {
        $file = config('inch.data').'/'.self::PATH;
        $print = is_file($file) ? openssl_x509_fingerprint((string) file_get_contents($file), 'sha256') : false;

        return $print === false ? null : strtoupper(implode(' ', str_split($print, 2)));
    }
}
