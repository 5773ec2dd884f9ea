ALTER TABLE "jobs" ADD COLUMN "brief" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "direction" text;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "level_volts" double precision;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "amps" double precision;