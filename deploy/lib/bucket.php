<?php

declare(strict_types=1);

// A store that speaks as much S3 as the app asks of one, for PHP's own server: objects are files of a folder (BUCKET_FOLDER), and whoever
// asks is let in. Addresses are /bucket/key.

$folder = (string) getenv('BUCKET_FOLDER');
$key = rawurldecode(explode('/', ltrim((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH), '/'), 2)[1] ?? '');
$file = "{$folder}/".rawurlencode($key);
$kept = array_values(preg_grep('/^\./', scandir($folder) ?: [], PREG_GREP_INVERT) ?: []);
sort($kept);

match (true) {
    $_SERVER['REQUEST_METHOD'] === 'PUT' => file_put_contents($file, fopen('php://input', 'r')),
    $_SERVER['REQUEST_METHOD'] === 'DELETE' => remove($file),
    isset($_GET['delete']) => several($folder),
    $key === '' => listed($folder, $kept),
    is_file($file) => sent($file),
    default => http_response_code(404),
};

function remove(string $file): void
{
    is_file($file) && unlink($file);
    http_response_code(204);
}

function several(string $folder): void
{
    foreach (simplexml_load_string((string) file_get_contents('php://input'))->Object ?? [] as $object) {
        remove("{$folder}/".rawurlencode((string) $object->Key));
    }
    http_response_code(200);
    echo '<?xml version="1.0"?><DeleteResult/>';
}

/** @param list<string> $kept */
function listed(string $folder, array $kept): void
{
    $prefix = (string) ($_GET['prefix'] ?? '');
    $objects = $folders = [];
    foreach (array_map(rawurldecode(...), $kept) as $key) {
        if (! str_starts_with($key, $prefix)) {
            continue;
        }
        $below = isset($_GET['delimiter']) ? strpos($key, '/', strlen($prefix)) : false;
        if ($below !== false) {
            $folders[substr($key, 0, $below + 1)] = true;
        } else {
            $file = "{$folder}/".rawurlencode($key);
            $objects[] = '<Contents><Key>'.htmlspecialchars($key, ENT_XML1).'</Key><LastModified>'
                .gmdate('Y-m-d\TH:i:s.000\Z', (int) filemtime($file)).'</LastModified><Size>'.filesize($file).'</Size></Contents>';
        }
    }
    $objects = array_slice($objects, 0, (int) ($_GET['max-keys'] ?? 1000));
    header('Content-Type: application/xml');
    echo '<?xml version="1.0"?><ListBucketResult><IsTruncated>false</IsTruncated>', implode('', $objects);
    foreach (array_keys($folders) as $one) {
        echo '<CommonPrefixes><Prefix>', htmlspecialchars((string) $one, ENT_XML1), '</Prefix></CommonPrefixes>';
    }
    echo '</ListBucketResult>';
}

function sent(string $file): void
{
    header('Content-Length: '.filesize($file));
    header('Last-Modified: '.gmdate('D, d M Y H:i:s', (int) filemtime($file)).' GMT');
    header('Content-Type: application/octet-stream');
    if ($_SERVER['REQUEST_METHOD'] === 'GET') {
        readfile($file);
    }
}
