<x-message title="Something broke">It is written down in the log. Nothing that you saved before is lost.</x-message>
