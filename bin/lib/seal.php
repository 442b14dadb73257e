<?php

declare(strict_types=1);

// Seals a stream with a passphrase, or opens it: nobody without the passphrase reads it, nor changes a byte of it unnoticed.
// Usage: php bin/lib/seal.php seal|open PASSPHRASE_FILE <in >out
// Ends with 0; 2: this is none of ours; 3: the passphrase does not open it, or its beginning was changed; 4: it was changed or cut
// further on.
//
// A file is: what it is (MAGIC), the salt of the key, the header of the stream, then pieces of 64 kB, the last one marked (libsodium's
// secretstream, XChaCha20-Poly1305; the key by Argon2id). The first piece answers for what stands before it.

const MAGIC = "low-point-backup/2\n";
const PIECE = 65536;
const OPS = SODIUM_CRYPTO_PWHASH_OPSLIMIT_MODERATE;
// A small machine has it to spare.
const MEMORY = SODIUM_CRYPTO_PWHASH_MEMLIMIT_INTERACTIVE;

[, $what, $file] = $argv + ['', '', ''];
$passphrase = rtrim((string) file_get_contents($file), "\r\n");
$key = static fn(string $salt): string => sodium_crypto_pwhash(
    SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES,
    $passphrase,
    $salt,
    OPS,
    MEMORY,
    SODIUM_CRYPTO_PWHASH_ALG_ARGON2ID13,
);
exit($what === 'seal' ? seal($key) : open($key));

/** @param Closure(string): string $key of a salt */
function seal(Closure $key): int
{
    $salt = random_bytes(SODIUM_CRYPTO_PWHASH_SALTBYTES);
    [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push($key($salt));
    $before = MAGIC.$salt.$header;
    put($before);
    $piece = take(PIECE);
    do {
        $next = take(PIECE);
        $tag = $next === ''
            ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL
            : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE;
        put(sodium_crypto_secretstream_xchacha20poly1305_push($state, $piece, $before, $tag));
        [$piece, $before] = [$next, ''];
    } while ($tag !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);

    return 0;
}

/** @param Closure(string): string $key of a salt */
function open(Closure $key): int
{
    $before = take(strlen(MAGIC) + SODIUM_CRYPTO_PWHASH_SALTBYTES + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
    if (! str_starts_with($before, MAGIC)) {
        return 2;
    }
    $rest = substr($before, strlen(MAGIC));
    $header = substr($rest, SODIUM_CRYPTO_PWHASH_SALTBYTES);
    if (strlen($header) !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES) {
        return 4;
    }
    $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, $key(substr($rest, 0, SODIUM_CRYPTO_PWHASH_SALTBYTES)));
    do {
        $sealed = take(PIECE + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
        $opened = strlen($sealed) < SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES
            ? false
            : sodium_crypto_secretstream_xchacha20poly1305_pull($state, $sealed, $before);
        if ($opened === false) {
            return $before === '' ? 4 : 3;
        }
        [$piece, $tag] = $opened;
        put($piece);
        $before = '';
    } while ($tag !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);

    return take(1) === '' ? 0 : 4;
}

/** @param positive-int $bytes */
function take(int $bytes): string
{
    $taken = '';
    while (strlen($taken) < $bytes && ! feof(STDIN)) {
        $taken .= (string) fread(STDIN, $bytes - strlen($taken));
    }

    return $taken;
}

function put(string $bytes): void
{
    while ($bytes !== '') {
        $written = fwrite(STDOUT, $bytes);
        if ($written === false || $written === 0) {
            exit(5);
        }
        $bytes = substr($bytes, $written);
    }
}
