-- Schema of a Fluss study, version 1. Statements are separated by a line with a single semicolon-ended statement each.
CREATE TABLE game (id INTEGER PRIMARY KEY, name TEXT NOT NULL UNIQUE);
CREATE TABLE scene (id INTEGER PRIMARY KEY, game_id INTEGER NOT NULL REFERENCES game (id), name TEXT NOT NULL, UNIQUE (game_id, name));
CREATE TABLE path (id INTEGER PRIMARY KEY, name TEXT NOT NULL UNIQUE, is_native INTEGER NOT NULL, multiplier REAL);
CREATE TABLE run (id INTEGER PRIMARY KEY, scene_id INTEGER NOT NULL REFERENCES scene (id), path_id INTEGER NOT NULL REFERENCES path (id), name TEXT NOT NULL, log_id INTEGER REFERENCES parsed_log (id), simulated INTEGER NOT NULL, refresh_hz REAL, sync TEXT, vrr_floor_hz REAL, cap_fps REAL, claimed_fps REAL);
CREATE TABLE fact (id INTEGER PRIMARY KEY, run_id INTEGER NOT NULL REFERENCES run (id), name TEXT NOT NULL, value TEXT NOT NULL, UNIQUE (run_id, name));
CREATE TABLE claim (id INTEGER PRIMARY KEY, run_id INTEGER NOT NULL UNIQUE REFERENCES run (id), sha256 TEXT NOT NULL REFERENCES evidence (sha256), kind TEXT NOT NULL, count INTEGER NOT NULL, mean_fps REAL, lowest_fps REAL, highest_fps REAL, base_fps REAL, one_percent_low_fps REAL, low_convention TEXT NOT NULL);
CREATE TABLE section (id INTEGER PRIMARY KEY, run_id INTEGER NOT NULL REFERENCES run (id), name TEXT NOT NULL, weight TEXT NOT NULL, from_ms REAL NOT NULL, to_ms REAL NOT NULL);
CREATE TABLE evidence (sha256 TEXT PRIMARY KEY, file_name TEXT NOT NULL, bytes INTEGER NOT NULL);
CREATE TABLE evidence_part (sha256 TEXT NOT NULL REFERENCES evidence (sha256), part INTEGER NOT NULL, data BLOB NOT NULL, PRIMARY KEY (sha256, part));
CREATE TABLE parsed_log (id INTEGER PRIMARY KEY, sha256 TEXT NOT NULL REFERENCES evidence (sha256), images INTEGER NOT NULL, mapping TEXT NOT NULL, process TEXT, lead_in INTEGER NOT NULL, segment_starts TEXT NOT NULL);
CREATE TABLE parsed_column (log_id INTEGER NOT NULL REFERENCES parsed_log (id), name TEXT NOT NULL, data BLOB NOT NULL, PRIMARY KEY (log_id, name));
CREATE TABLE step (id INTEGER PRIMARY KEY, label TEXT NOT NULL, undone INTEGER NOT NULL);
CREATE TABLE step_change (id INTEGER PRIMARY KEY AUTOINCREMENT, step_id INTEGER NOT NULL REFERENCES step (id) ON DELETE CASCADE, table_name TEXT NOT NULL, row_id INTEGER NOT NULL, row TEXT);
CREATE TABLE current_step (id INTEGER NOT NULL);
