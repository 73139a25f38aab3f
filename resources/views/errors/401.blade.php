<x-message title="Sign in first">This place is only for people of a school.</x-message>
