/** Work that waits because the process beside the web server is not there. */
export function HelperSilent() {
    return (
        <strong>Waiting for the helper process: it has not answered for a while. What waits here is taken up when it runs again.</strong>
    );
}
