<x-message title="This cannot be read">The attack or the answer behind this page cannot be read. Open it to see what is wrong with it.</x-message>
