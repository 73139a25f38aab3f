<x-message title="Too many tries">Wait a minute, then try again.</x-message>
